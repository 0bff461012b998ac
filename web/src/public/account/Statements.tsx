import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';

/** What was paid in each year, to print and for a program that reads tables. */
export function Statements({ claim, number }: { claim: string; number: string }) {
  const { t } = useTranslation();
  const years = useQuery({
    queryKey: ['my-payments', claim, 'years'],
    queryFn: () => take(api.GET('/api/my/claims/{id}/payments/years', { params: { path: { id: claim } } })),
  });
  const at = `/api/my/claims/${claim}/payments`;
  return (
    <ul>
      {years.data?.map((year) => (
        <li key={year} className="flex flex-wrap items-center gap-x-5">
          <a
            className="inline-flex min-h-11 items-center"
            href={`${at}/statement?year=${year}`}
            target="_blank"
            rel="noreferrer"
          >
            {t('payments.statement', { year })}
          </a>
          <a
            className="inline-flex min-h-11 items-center"
            href={`${at}/table?year=${year}`}
            download={`${number}-${year}.csv`}
          >
            {t('payments.table')}
          </a>
        </li>
      ))}
    </ul>
  );
}
