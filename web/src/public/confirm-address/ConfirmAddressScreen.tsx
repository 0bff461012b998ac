import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';

/** Whoever opened the link that was sent to an address says that it is theirs. */
export function ConfirmAddressScreen() {
  const { t } = useTranslation();
  const token = useLocation().hash.slice(1);
  const confirm = useMutation({
    mutationFn: () => take(api.POST('/api/address', { body: { token } })),
  });
  return (
    <Page title={t('address.title')}>
      <section className="sheet mx-auto max-w-md space-y-4 p-6">
        <h1 className="text-2xl">{t('address.title')}</h1>
        {confirm.isSuccess ? (
          <p role="status">{t('address.done')}</p>
        ) : (
          <>
            <p>{t('address.words')}</p>
            <Problem of={confirm.error} />
            <Press
              className="btn btn-primary h-auto min-h-12 w-full"
              busy={confirm.isPending}
              onClick={() => confirm.mutate()}
            >
              {t('address.yes')}
            </Press>
          </>
        )}
        <Link to="/my" className="inline-flex min-h-11 items-center">
          {t('my.backToClaims')}
        </Link>
      </section>
    </Page>
  );
}
