import { useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { momentText } from '../../i18n';

/** @param enabled whether whoever looks is asked for an opinion at all */
export const useSecondLooks = (enabled = true) =>
  useQuery({
    queryKey: ['day-sheet', 'second-looks'],
    queryFn: () => take(api.GET('/api/day-sheet/second-looks')),
    enabled,
  });

/** Claims of others on which one's own opinion is wanted; nothing where there are none. */
export function SecondLooks() {
  const { t } = useTranslation();
  const wanted = useSecondLooks();
  if (!wanted.data?.length) return null;
  return (
    <section className="sheet mt-4 border-s-4 border-s-warning px-4 py-3" aria-labelledby="second-looks">
      <h2 id="second-looks" className="!font-sans text-sm">
        {t('sheet.looks')}
      </h2>
      <ul className="mt-1">
        {wanted.data.map((each) => (
          <li key={each.claim} className="flex flex-wrap gap-x-4 py-0.5">
            <Link to={`/claims/${each.claim}?tab=registers`} className="alone">
              {each.household} {each.number}
            </Link>
            <span className="quiet">{t('sheet.looksSince', { since: momentText(each.since) })}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}
