import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { amountText, dateText } from '../../i18n';
import { MadeOut } from './MadeOut';
import { StillToMake } from './StillToMake';

export const useFee = (claim: string) =>
  useQuery({
    queryKey: ['fee-of', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/fee', { params: { path: { id: claim } } })),
    retry: false,
    retryOnMount: false,
  });

/** The fee of a claim and what was made out for it; nothing where there is none. */
export function FeePanel({ claim, mayWrite }: { claim: string; mayWrite: boolean }) {
  const { t } = useTranslation();
  const fee = useFee(claim);
  const documents = useQuery({
    queryKey: ['documents-of', claim],
    queryFn: () => take(api.GET('/api/claims/{id}/documents', { params: { path: { id: claim } } })),
    enabled: fee.isSuccess,
    refetchInterval: (query) =>
      fee.data?.state === 'PAID' && query.state.data?.length === 0 ? 3_000 : false,
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
      {fee.data.notOwed.map((each) => (
        <p key={each.amount}>
          {t(each.isBack ? 'fee.wentBack' : 'fee.goesBack', { amount: amountText(each.amount) })}
        </p>
      ))}
      {fee.data.state === 'PAID' && documents.data?.length === 0 && (
        <StillToMake claim={claim} mayWrite={mayWrite} />
      )}
      {documents.data?.map((each) => (
        <MadeOut key={each.id} claim={claim} made={each} mayWrite={mayWrite} />
      ))}
    </>
  );
}
