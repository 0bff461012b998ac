import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { momentText } from '../../i18n';

/** Where the account is signed in, and ending all but this. */
export function Places() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const places = useQuery({
    queryKey: ['places'],
    queryFn: () => take(api.GET('/api/account/sessions')),
  });
  const end = useMutation({
    mutationFn: () => take(api.DELETE('/api/account/sessions')),
    onSuccess: (now) => queries.setQueryData(['places'], now),
  });
  return (
    <section className="sheet p-5" aria-labelledby="places">
      <h2 id="places" className="text-xl">
        {t('own.places')}
      </h2>
      <Problem of={places.error ?? end.error} />
      <ul className="mt-3 space-y-2">
        {places.data?.map((each) => (
          <li key={each.since + each.from} className="border-s-4 border-base-300 ps-3">
            {t('own.since', { since: momentText(each.since), from: each.from })}{' '}
            <span className="quiet">
              {each.here ? t('own.here') : t('own.used', { used: momentText(each.lastUsed) })}
            </span>
          </li>
        ))}
      </ul>
      {places.data && places.data.length > 1 && (
        <>
          <p className="quiet mt-3">{t('own.endWhy')}</p>
          <Press
            className="btn btn-outline btn-primary mt-3 h-auto min-h-12"
            busy={end.isPending}
            onClick={() => end.mutate()}
          >
            {t('own.end')}
          </Press>
        </>
      )}
    </section>
  );
}
