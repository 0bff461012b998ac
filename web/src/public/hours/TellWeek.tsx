import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { useKept } from '../../components/kept';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { amountText, dateText } from '../../i18n';
import { DayHours } from './DayHours';

type Props = { claim: string; week: Schemas['HoursWeek'] };

/** One week: told, with what it comes to; or its days, as planned, to be changed and told. */
export function TellWeek({ claim, week }: Props) {
  const { t } = useTranslation();
  const [anew, setAnew] = useState(false);
  const isTold = week.state === 'TOLD';
  return (
    <section className={`sheet p-5 ${isTold ? '' : 'border-s-4 border-s-warning'}`}>
      <h2 className="text-xl">
        {t('hours.week', {
          from: dateText(week.monday, 'weekday'),
          to: dateText(week.sunday, 'weekday'),
        })}
      </h2>
      {week.dueOn && <p className="mt-1">{t('hours.by', { date: dateText(week.dueOn, 'weekday') })}</p>}
      {week.state === 'NOT_TOLD' && <p className="mt-1">{t('hours.late')}</p>}
      {isTold && <Told week={week} />}
      {isTold && !anew ? (
        <button
          type="button"
          className="mt-2 min-h-11 cursor-pointer text-primary underline"
          onClick={() => setAnew(true)}
        >
          {t('hours.anew')}
        </button>
      ) : (
        <TellForm claim={claim} week={week} onTold={() => setAnew(false)} />
      )}
    </section>
  );
}

function Told({ week }: { week: Schemas['HoursWeek'] }) {
  const { t } = useTranslation();
  return (
    <p role="status" className="mt-1 text-success">
      <span aria-hidden="true">✓ </span>
      {t('hours.told', { hours: week.total })}{' '}
      <span className="text-base-content">
        {week.amount ? t('hours.paid', { amount: amountText(week.amount) }) : t('hours.unpaid')}
      </span>
    </p>
  );
}

function TellForm({ claim, week, onTold }: Props & { onTold: () => void }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [typed, setHours] = useKept<Record<string, string>>(`hours/${claim}/${week.monday}`);
  const hours =
    typed ?? Object.fromEntries(week.days.map((day) => [day.date, day.hours === '0' ? '' : day.hours]));
  const tell = useMutation({
    mutationFn: (told: Record<string, string>) =>
      take(
        api.PUT('/api/my/claims/{id}/hours/{monday}', {
          params: { path: { id: claim, monday: week.monday } },
          body: { hours: told },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(['my-hours', claim], now);
      void queries.invalidateQueries({ queryKey: ['my'] });
      void queries.invalidateQueries({ queryKey: ['my-payments', claim] });
      void queries.invalidateQueries({ queryKey: ['my-overpayments', claim] });
      setHours(undefined);
      onTold();
    },
  });
  const isAtADay = week.days.some((day) => isAbout(tell.error, `hours/${day.date}`));
  return (
    <form
      noValidate
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        tell.mutate(hours);
      }}
    >
      {!isAtADay && <Problem of={tell.error} />}
      <div className="divide-y divide-base-300">
        {week.days.map((day) => (
          <DayHours
            key={day.date}
            day={day}
            value={hours[day.date] ?? ''}
            problem={tell.error}
            onChange={(value) => setHours({ ...hours, [day.date]: value })}
          />
        ))}
      </div>
      <div className="mt-4 flex flex-wrap items-center gap-5">
        <Press type="submit" className="btn btn-primary h-auto min-h-12 px-5" busy={tell.isPending}>
          {t('hours.these')}
        </Press>
        <button
          type="button"
          className="min-h-11 cursor-pointer text-primary underline"
          onClick={() => tell.mutate({})}
        >
          {t('hours.none')}
        </button>
      </div>
    </form>
  );
}
