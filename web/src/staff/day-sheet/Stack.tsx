import { useInfiniteQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { type SheetFilter, sheetQuery } from '../../claim/useSheet';

const INK = {
  RUNNING_OUT: 'text-error border-error',
  CAME_BACK: 'text-primary border-primary',
  READY: 'text-success border-success',
  NEW: 'border-base-content',
};

type Props = {
  first: Schemas['Page'];
  filter: SheetFilter;
  mayWork: boolean;
  onAct: (row: Schemas['Row']) => void;
};

/** One stack of the day sheet; further pages are fetched by key. */
export function Stack({ first, filter, mayWork, onAct }: Props) {
  const { t } = useTranslation();
  const more = useInfiniteQuery({
    queryKey: ['stack', first.pile, filter.mine, filter.only, filter.programme, first.after],
    queryFn: ({ pageParam }) =>
      take(
        api.GET('/api/day-sheet/{pile}', {
          params: {
            path: { pile: first.pile },
            query: { ...sheetQuery(filter), after: pageParam },
          },
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
          <SheetRow key={row.id} row={row} mine={filter.mine} mayWork={mayWork} onAct={onAct} />
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

type RowProps = { row: Schemas['Row']; mine: boolean; mayWork: boolean; onAct: Props['onAct'] };

/** One claim: how long there is, whose it is, what comes next, and the button that does it. */
function SheetRow({ row, mine, mayWork, onAct }: RowProps) {
  const { t } = useTranslation();
  const left = row.decided ? t('sheet.isDecided') : daysLeft(row.daysLeft, t);
  const hurry = row.decided
    ? ''
    : row.daysLeft <= 0
      ? 'font-bold text-error'
      : row.daysLeft === 1
        ? 'font-bold text-warning'
        : '';
  const action = t(`sheet.${mayWork ? row.action : 'OPEN'}`);
  const owner = mine ? '' : row.owner || t('sheet.nobodyYet');
  const said = [left, row.number, row.programme, owner, row.nextStep].filter(Boolean).join(', ');
  return (
    <li className="row-line grid grid-cols-[1fr_auto] items-center gap-x-4 py-1.5 focus-within:bg-base-300/60 min-[72rem]:grid-cols-[5.5rem_11rem_6rem_8rem_minmax(0,1fr)_auto] min-[72rem]:py-1">
      <Link
        data-row={row.id}
        to={`/claims/${row.id}`}
        aria-label={`${row.household}. ${said}`}
        className="alone !font-bold !text-base-content no-underline hover:underline min-[72rem]:order-2"
      >
        {row.household}
      </Link>
      <button
        type="button"
        className="row-span-3 min-h-9 shrink-0 cursor-pointer px-1 font-bold text-primary min-[72rem]:order-6 min-[72rem]:row-span-1"
        aria-label={`${action}: ${row.household}, ${row.number}`}
        onClick={() => onAct(row)}
      >
        {action}
      </button>
      <span className="col-start-1 flex flex-wrap gap-x-2 min-[72rem]:contents">
        <span className={`min-[72rem]:order-1 ${hurry}`}>{left}</span>
        <span className="quiet min-[72rem]:order-3">{row.number}</span>
        <span className="min-[72rem]:order-4">
          {row.programme}
          {owner && <span className="quiet block text-[0.8125rem]">{owner}</span>}
        </span>
      </span>
      <span className="col-start-1 min-w-0 break-words min-[72rem]:order-5 min-[72rem]:col-start-auto">
        {row.nextStep}
      </span>
    </li>
  );
}

function daysLeft(days: number, t: ReturnType<typeof useTranslation>['t']): string {
  if (days < 0) return t('sheet.overdue', { count: -days });
  if (days === 0) return t('sheet.today');
  return days === 1 ? t('sheet.tomorrow') : t('sheet.left', { count: days });
}
