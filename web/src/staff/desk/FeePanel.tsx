import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { amountText, dateText } from '../../i18n';

/** The fee of a claim and what was made out for it; nothing where there is none. */
export function FeePanel({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const params = { params: { path: { id: claim } } };
  const fee = useQuery({
    queryKey: ['fee-of', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/fee', params)),
    retry: false,
  });
  const documents = useQuery({
    queryKey: ['documents-of', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/documents', params)),
    enabled: fee.isSuccess,
  });
  if (!fee.data) return null;
  return (
    <>
      <p>
        <b>
          {t('fee.title')} {amountText(fee.data.amount)}
        </b>{' '}
        · {t(`fee.state.${fee.data.state}`, { date: dateText(fee.data.payBy) })}
      </p>
      {documents.data?.map((each) => (
        <p key={each.id}>
          <a href={`/api/claims/${claim}/documents/${each.id}`} target="_blank" rel="noreferrer">
            {each.title} {each.number}
          </a>{' '}
          · {t(`check.state.${each.state}`)} · {t('check.until')} {dateText(each.validUntil)}
        </p>
      ))}
    </>
  );
}
