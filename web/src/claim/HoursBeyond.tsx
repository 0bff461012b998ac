import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../api/client';
import { TextField } from '../components/Field';
import { Press } from '../components/Press';
import { Problem } from '../components/Problem';
import { dateText } from '../i18n';

type Unlooked = Schemas['Unlooked'];

/** @param enabled whether whoever looks deals with them at all */
export const useHoursBeyond = (enabled = true) =>
  useQuery({
    queryKey: ['day-sheet', 'hours-beyond'],
    queryFn: () => take(api.GET('/api/day-sheet/hours-beyond')),
    enabled,
  });

/** Weeks whose hours go beyond what was certified, until somebody has looked: those of a claim, or of all; nothing where there are none. */
export function HoursBeyond({ claim }: { claim?: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const beyond = useHoursBeyond();
  const look = useMutation({
    mutationFn: ({ claim, monday, reason }: { claim: string; monday: string; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/hours/{monday}/looked-at', {
          params: { path: { id: claim, monday } },
          body: { reason },
        }),
      ),
    onSuccess: (_, { claim: of }) => {
      void queries.invalidateQueries({ queryKey: ['day-sheet'] });
      void queries.invalidateQueries({ queryKey: ['desk', of] });
    },
  });
  const weeks = beyond.data?.filter((each) => !claim || each.claim === claim) ?? [];
  if (weeks.length === 0) return null;
  return (
    <section className="sheet mt-4 border-s-4 border-s-warning px-4 py-3" aria-labelledby="hours-beyond">
      <h2 id="hours-beyond" className="!font-sans text-sm">
        {t('beyond.title')}
      </h2>
      <Problem of={look.error} />
      <ul className="mt-1">
        {weeks.map((each) => (
          <Week
            key={`${each.claim} ${each.monday}`}
            isNamed={!claim}
            each={each}
            onLooked={(reason) => look.mutate({ claim: each.claim, monday: each.monday, reason })}
          />
        ))}
      </ul>
    </section>
  );
}

type WeekProps = {
  each: Unlooked;
  /** Whether it says whose week it is. */
  isNamed: boolean;
  onLooked: (reason: string) => void;
};

function Week({ each, isNamed, onLooked }: WeekProps) {
  const { t } = useTranslation();
  const [isOpen, setOpen] = useState(false);
  const [reason, setReason] = useState('');
  const { told, certified, days } = each.beyond;
  return (
    <li className="py-0.5">
      <div className="flex flex-wrap items-center gap-x-4">
        {isNamed && (
          <Link to={`/claims/${each.claim}?tab=calendar`} className="alone">
            {each.household} {each.number}
          </Link>
        )}
        <span>
          {t('plan.week')} {dateText(each.monday, 'weekday')}
        </span>
        <span className="quiet">
          {certified ? t('beyond.hours', { told, certified }) : t('beyond.onlyTold', { told })}
          {days.length > 0 &&
            `; ${t('beyond.days', { days: days.map((day) => dateText(day, 'weekday')).join(', ') })}`}
        </span>
        {!isOpen && (
          <button type="button" className="btn btn-sm" onClick={() => setOpen(true)}>
            {t('beyond.looked')}
          </button>
        )}
      </div>
      {isOpen && (
        <form
          className="flex max-w-xl flex-wrap items-end gap-3"
          onSubmit={(event) => {
            event.preventDefault();
            onLooked(reason);
          }}
        >
          <TextField label={t('beyond.why')} value={reason} onChange={setReason} />
          <Press type="submit" className="btn btn-sm btn-primary">
            {t('beyond.looked')}
          </Press>
        </form>
      )}
    </li>
  );
}
