import { useInfiniteQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';

const INK = {
  RUNNING_OUT: 'text-error border-error',
  CAME_BACK: 'text-primary border-primary',
  READY: 'text-success border-success',
  NEW: 'border-base-content',
};

type Props = {
  first: Schemas['Page'];
  mine: boolean;
  chosen: string;
  mayWork: boolean;
  onAct: (row: Schemas['Row']) => void;
};

/** One stack of the day sheet; further pages are fetched by key. */
export function Stack({ first, mine, chosen, mayWork, onAct }: Props) {
  const { t } = useTranslation();
  const more = useInfiniteQuery({
    queryKey: ['stack', first.pile, mine, first.after],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/day-sheet/{pile}', {
          params: { path: { pile: first.pile }, query: { mine, after: pageParam } },
        }),
      ),
    initialPageParam: first.after,
    getNextPageParam: (page) => page.after || undefined,
    enabled: false,
  });
  const rows = [...first.rows, ...(more.data?.pages.flatMap((page) => page.rows) ?? [])];
  const hasMore = more.data ? more.hasNextPage : Boolean(first.after);
  return (
    <section className="mt-6" aria-labelledby={`stack-${first.pile}`}>
      <div className={`flex items-baseline gap-2 border-b-2 pb-1 ${INK[first.pile]}`}>
        <h2 id={`stack-${first.pile}`} className="text-lg">
          {t(`sheet.${first.pile}`)}
        </h2>
        <span className="quiet">
          {first.count}, {t(`sheet.of.${first.pile}`)}
        </span>
      </div>
      {rows.length === 0 && <p className="quiet py-2">{t('sheet.empty')}</p>}
      <ul>
        {rows.map((row) => (
          <li
            key={row.id}
            aria-current={row.id === chosen || undefined}
            className={`row-line flex items-center gap-4 ${row.id === chosen ? 'bg-base-300/60' : ''}`}
          >
            <span
              className={`w-22 shrink-0 ${row.daysLeft <= 0 ? 'font-bold text-error' : row.daysLeft === 1 ? 'font-bold text-warning' : ''}`}
            >
              {row.daysLeft < 0
                ? t('sheet.overdue', { count: -row.daysLeft })
                : row.daysLeft === 0
                  ? t('sheet.today')
                  : row.daysLeft === 1
                    ? t('sheet.tomorrow')
                    : t('sheet.left', { count: row.daysLeft })}
            </span>
            <Link
              to={`/claims/${row.id}`}
              className="w-40 shrink-0 truncate !font-bold !text-base-content no-underline hover:underline"
            >
              {row.household}
            </Link>
            <span className="quiet w-24 shrink-0">{row.number}</span>
            <span className="w-28 shrink-0 truncate">{row.programme}</span>
            <span className="min-w-0 flex-1 truncate" title={row.nextStep}>
              {row.nextStep}
            </span>
            <button
              type="button"
              className="min-h-9 shrink-0 cursor-pointer px-1 font-bold text-primary"
              aria-label={`${t(`sheet.${mayWork ? row.action : 'OPEN'}`)}: ${row.household}, ${row.number}`}
              onClick={() => onAct(row)}
            >
              {t(`sheet.${mayWork ? row.action : 'OPEN'}`)}
            </button>
          </li>
        ))}
      </ul>
      {hasMore && (
        <button
          type="button"
          className="min-h-9 cursor-pointer font-semibold text-primary"
          onClick={() => (more.data ? more.fetchNextPage() : more.refetch())}
        >
          {t('sheet.more')}
        </button>
      )}
    </section>
  );
}
