import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { HoursBeyond, useHoursBeyond } from '../../claim/HoursBeyond';
import { useSheet, useSheetFilter } from '../../claim/useSheet';
import { isComing } from '../../components/isComing';
import { FROM_HERE, useKeys } from '../../components/keys';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { pending } from '../../components/pending';
import { dateText } from '../../i18n';
import { SecondLooks, useSecondLooks } from './SecondLooks';
import { Stack } from './Stack';
import { useRowLeft } from './useRowLeft';
import { WeekPanel } from './WeekPanel';

type Row = Schemas['Row'];

/** The caseworker's start: four stacks, each row one next step. */
export function DaySheetScreen() {
  const { t } = useTranslation();
  const filter = useSheetFilter();
  const go = useNavigate();
  const queries = useQueryClient();
  const mayWork = useSession().data?.role !== 'AUDITOR';
  const sheet = useSheet(filter);
  const offers = useQuery({ queryKey: ['programmes'], queryFn: () => take(api.GET('/api/programmes')) });
  const staff = useQuery({
    queryKey: ['staff'],
    queryFn: () => take(api.GET('/api/staff')),
    enabled: !filter.mine,
  });
  const takeClaim = useMutation({
    mutationFn: (row: Row) => take(api.POST('/api/claims/{id}/take', { params: { path: { id: row.id } } })),
    onSuccess: (_, row) => {
      void queries.invalidateQueries({ queryKey: ['day-sheet'] });
      go(`/claims/${row.id}`);
    },
  });
  /** What stands above the stacks comes with them: they do not jump when it does. */
  const waits = isComing(useSecondLooks(mayWork), useHoursBeyond(mayWork));
  const shown = waits ? undefined : sheet.data;
  useRowLeft(shown !== undefined);
  const rows = shown?.stacks.flatMap((stack) => stack.rows) ?? [];
  const act = (row: Row) => {
    if (row.action === 'TAKE' && mayWork) takeClaim.mutate(row);
    else go(row.action === 'DECIDE' && mayWork ? `/claims/${row.id}/decide` : `/claims/${row.id}`);
  };
  useKeys((key) => {
    if (key === 'j' || key === 'k') return focusRow(key === 'j' ? 1 : -1);
    if (/^[1-9]$/.test(key)) return focusStack(Number(key));
    const next = rows.find((row) => row.action === 'TAKE');
    if (key !== 't' || !next || !mayWork) return false;
    act(next);
    return true;
  });
  if (!shown) {
    return pending(sheet.error);
  }
  const { stacks, today, week, waiting } = shown;
  const count = (pile: string) => stacks.find((stack) => stack.pile === pile)?.count ?? 0;
  const all = stacks.reduce((sum, stack) => sum + stack.count, 0);
  return (
    <Page title={t('nav.daySheet')} wide>
      <div className="dense grid min-h-[calc(100vh-2.8125rem)] grid-cols-1 lg:grid-cols-[minmax(0,1fr)_18.25rem]">
        <div className="px-4 py-5 sm:px-6">
          <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
            <h1 className="text-2xl" tabIndex={-1} {...FROM_HERE}>
              {dateText(today, 'weekday')}
            </h1>
            <p className="min-w-[min(15rem,100%)] flex-1">
              {t('sheet.count', { claims: all })}
              <strong>{t('sheet.soon', { count: count('RUNNING_OUT') })}</strong>
              {t('sheet.cameBack', { count: count('CAME_BACK') })}
            </p>
            <label className="flex min-w-0 items-center gap-2">
              <span className="quiet">{t('sheet.programme')}</span>
              <select
                className="field !min-h-8 w-auto min-w-0"
                value={filter.programme}
                onChange={(event) => filter.choose({ programme: event.target.value })}
              >
                <option value="">{t('sheet.allProgrammes')}</option>
                {offers.data?.map((each) => (
                  <option key={each.id} value={each.id}>
                    {each.name}
                  </option>
                ))}
              </select>
            </label>
            {!filter.mine && (
              <label className="flex min-w-0 items-center gap-2">
                <span className="quiet">{t('sheet.only')}</span>
                <select
                  className="field !min-h-8 w-auto min-w-0"
                  value={filter.only}
                  onChange={(event) => filter.choose({ only: event.target.value })}
                >
                  <option value="">{t('sheet.everyone')}</option>
                  {staff.data?.map((each) => (
                    <option key={each.id} value={each.id}>
                      {each.name}
                    </option>
                  ))}
                </select>
              </label>
            )}
            <fieldset className="flex gap-1">
              <legend className="sr-only">{t('sheet.whose')}</legend>
              {[true, false].map((each) => (
                <button
                  key={String(each)}
                  type="button"
                  aria-pressed={filter.mine === each}
                  className={`h-8 cursor-pointer rounded px-3 ${filter.mine === each ? 'sheet font-semibold' : ''}`}
                  onClick={() => filter.choose({ mine: each })}
                >
                  {t(each ? 'sheet.mine' : 'sheet.office')}
                </button>
              ))}
            </fieldset>
          </div>
          <Problem of={takeClaim.error} />
          {mayWork && <SecondLooks />}
          {mayWork && <HoursBeyond />}
          <div {...FROM_HERE}>
            {stacks.map((stack) => (
              <Stack
                key={`${stack.pile} ${filter.mine} ${filter.only} ${filter.programme}`}
                first={stack}
                filter={filter}
                mayWork={mayWork}
                onAct={act}
              />
            ))}
          </div>
        </div>
        <WeekPanel week={week} waiting={waiting} today={today} mayWork={mayWork} />
      </div>
    </Page>
  );
}

/** The first row of the stack of that number, from the top. */
function focusStack(number: number): boolean {
  const stack = document.querySelectorAll<HTMLElement>('[aria-labelledby^="stack-"]')[number - 1];
  const row = stack?.querySelector<HTMLElement>('[data-row]');
  row?.focus();
  row?.scrollIntoView({ block: 'nearest' });
  return row !== undefined && row !== null;
}

/** Leads the focus to a row, counted from the one that has it; whether there is one. */
function focusRow(by: number): boolean {
  const rows = [...document.querySelectorAll<HTMLElement>('[data-row]')];
  const at = rows.findIndex(
    (row) => row === document.activeElement || row.parentElement?.contains(document.activeElement),
  );
  const to = rows[Math.min(Math.max(at + by, 0), rows.length - 1)];
  to?.focus();
  to?.scrollIntoView({ block: 'nearest' });
  return to !== undefined;
}
