import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useCallback, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { Stack } from './Stack';
import { WeekPanel } from './WeekPanel';

type Row = Schemas['Row'];

/** The caseworker's start: four stacks, each row one next step. */
export function DaySheetScreen() {
  const { t } = useTranslation();
  const [mine, setMine] = useState(true);
  const [at, setAt] = useState(0);
  const go = useNavigate();
  const queries = useQueryClient();
  const mayWork = useSession().data?.role !== 'AUDITOR';
  const sheet = useQuery({
    queryKey: ['day-sheet', mine],
    queryFn: () => take(api.GET('/api/day-sheet', { params: { query: { mine } } })),
    refetchInterval: 30_000,
  });
  const takeClaim = useMutation({
    mutationFn: (row: Row) => take(api.POST('/api/claims/{id}/take', { params: { path: { id: row.id } } })),
    onSuccess: (_, row) => {
      void queries.invalidateQueries({ queryKey: ['day-sheet'] });
      go(`/claims/${row.id}`);
    },
  });
  const rows = sheet.data?.stacks.flatMap((stack) => stack.rows) ?? [];
  const act = useCallback(
    (row: Row) => {
      if (row.action === 'TAKE' && mayWork) takeClaim.mutate(row);
      else go(row.action === 'DECIDE' && mayWork ? `/claims/${row.id}/decide` : `/claims/${row.id}`);
    },
    [go, mayWork, takeClaim],
  );
  useEffect(() => {
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement || event.ctrlKey || event.metaKey || event.altKey) return;
      if (event.key === 'j') setAt((now) => Math.min(now + 1, rows.length - 1));
      if (event.key === 'k') setAt((now) => Math.max(now - 1, 0));
      const next = rows.find((row) => row.action === 'TAKE');
      if (event.key === 'n' && next) act(next);
      const chosen = rows[at];
      if (event.key === 'Enter' && chosen && event.target === document.body) act(chosen);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [rows, at, act]);
  if (!sheet.data) {
    return (
      <Page title={t('nav.daySheet')}>
        <Problem of={sheet.error} />
      </Page>
    );
  }
  const { stacks, today, week, waiting } = sheet.data;
  const count = (pile: string) => stacks.find((stack) => stack.pile === pile)?.count ?? 0;
  const all = stacks.reduce((sum, stack) => sum + stack.count, 0);
  const weekday = new Intl.DateTimeFormat('en-GB', { weekday: 'long', timeZone: 'UTC' }).format(
    new Date(`${today}T00:00:00Z`),
  );
  return (
    <Page title={t('nav.daySheet')} wide>
      <div className="dense grid min-h-[calc(100vh-45px)] grid-cols-1 lg:grid-cols-[minmax(0,1fr)_292px]">
        <div className="px-6 py-5">
          <div className="flex flex-wrap items-baseline gap-x-4 gap-y-2">
            <h1 className="text-2xl">
              {weekday} {dateText(today).replace(/ \d{4}$/, '')}
            </h1>
            <p className="flex-1">
              {t('sheet.count', { claims: all })}
              <strong>{t('sheet.soon', { count: count('RUNNING_OUT') })}</strong>
              {t('sheet.cameBack', { count: count('CAME_BACK') })}
            </p>
            <fieldset className="flex gap-1">
              <legend className="sr-only">{t('sheet.whose')}</legend>
              {[true, false].map((each) => (
                <button
                  key={String(each)}
                  type="button"
                  aria-pressed={mine === each}
                  className={`h-8 cursor-pointer rounded px-3 ${mine === each ? 'sheet font-semibold' : ''}`}
                  onClick={() => setMine(each)}
                >
                  {t(each ? 'sheet.mine' : 'sheet.office')}
                </button>
              ))}
            </fieldset>
          </div>
          <Problem of={takeClaim.error} />
          {stacks.map((stack) => (
            <Stack
              key={`${stack.pile} ${mine}`}
              first={stack}
              mine={mine}
              chosen={rows[at]?.id ?? ''}
              mayWork={mayWork}
              onAct={act}
            />
          ))}
        </div>
        <WeekPanel week={week} waiting={waiting} today={today} mayWork={mayWork} />
      </div>
    </Page>
  );
}
