import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, take } from '../../api/client';
import { useMyClaims } from '../../claim/useMyClaims';
import { LetterText } from '../../components/LetterText';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';

/** The letter about a claim, to be read or listened to here, or taken along as PDF. */
export function MyLetterScreen() {
  const { t } = useTranslation();
  const { claim: id = '' } = useParams();
  const claim = useMyClaims().data?.find((each) => each.id === id);
  const letter = useQuery({
    queryKey: ['my-letter', id],
    queryFn: () => take(api.GET('/api/my/claims/{id}/letter/text', { params: { path: { id } } })),
    retry: false,
  });
  return (
    <Page title={t('my.letterTitle')}>
      <h1 className="text-3xl">{t('my.letterTitle')}</h1>
      {claim && (
        <p className="quiet mt-1">
          {claim.programme} · {claim.number}
        </p>
      )}
      <div className="mt-3 flex flex-wrap gap-6 print:hidden">
        <a
          href={`/api/my/claims/${id}/letter`}
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-11 items-center"
        >
          {t('my.letterPdf')}
        </a>
        <Link to="/my" className="inline-flex min-h-11 items-center">
          {t('my.backToClaims')}
        </Link>
      </div>
      {letter.error ? <Problem of={letter.error} /> : <LetterText html={letter.data?.html} />}
    </Page>
  );
}
