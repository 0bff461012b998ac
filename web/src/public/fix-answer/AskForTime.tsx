import { useMutation } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

type Props = { claim: string; asked: Schemas['AskedPoints']; onAsked: () => void };

/** More time: asked for with a reason, and what was said to it. */
export function AskForTime({ claim, asked, onAsked }: Props) {
  const { t } = useTranslation();
  const [days, setDays] = useState(String(asked.mostDays));
  const [why, setWhy] = useState('');
  const ask = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/my/claims/{id}/fix-list/extension', {
          params: { path: { id: claim } },
          body: { days: Number(days) || 0, why },
        }),
      ),
    onSuccess: onAsked,
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    ask.mutate();
  };
  return (
    <div className="mt-3 max-w-3xl">
      {asked.extensions.map((each) => (
        <p key={each.id}>
          {t(`time.${each.state}`, { count: each.days })} {each.answer && `“${each.answer}”`}
        </p>
      ))}
      {asked.mostDays > 0 && (
        <details>
          <summary className="min-h-11 cursor-pointer font-semibold text-primary">{t('time.need')}</summary>
          <form onSubmit={submit} className="sheet mt-2 space-y-3 p-4" noValidate>
            <div className="max-w-40">
              <TextField
                label={t('time.days', { count: asked.mostDays })}
                inputMode="numeric"
                error={isAbout(ask.error, 'days') ? ask.error?.message : null}
                value={days}
                onChange={setDays}
              />
            </div>
            <TextField
              label={t('time.why')}
              error={isAbout(ask.error, 'why') ? ask.error?.message : null}
              value={why}
              onChange={setWhy}
            />
            {!isAbout(ask.error, 'days') && !isAbout(ask.error, 'why') && <Problem of={ask.error} />}
            <Press type="submit" className="btn btn-outline btn-primary h-auto min-h-11" busy={ask.isPending}>
              {t('time.ask')}
            </Press>
          </form>
        </details>
      )}
    </div>
  );
}
