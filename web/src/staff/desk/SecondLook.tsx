import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { LongTextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { SideBySide } from '../../components/SideBySide';

/** A possible match in the police register: both records side by side, and what one thinks of them. */
export function SecondLook({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const params = { params: { path: { id: claim } } };
  const key = ['second-look', claim];
  const look = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/second-look', params)),
  });
  const say = useMutation({
    mutationFn: (body: Schemas['Look']) =>
      take(api.POST('/api/claims/{id}/second-look', { ...params, body })),
    onSuccess: (now) => {
      queries.setQueryData(key, now);
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
    },
  });
  const now = look.data;
  if (!now || (!now.wanted && now.said === 0)) return <Problem of={look.error} />;
  const all = [now.applicant, ...now.held];
  return (
    <section className="border-b border-base-300 py-4" aria-labelledby="second-look">
      <h3 id="second-look" className="font-bold">
        {t('look.title')}
      </h3>
      <p className="mt-1">{t(now.wanted ? (now.split ? 'look.split' : 'look.intro') : 'look.over')}</p>
      <div className="mt-3">
        <SideBySide
          heads={[t('look.applicant'), ...now.held.map(() => t('look.held'))]}
          lines={[
            { what: t('beside.name'), values: all.map((each) => each.name) },
            { what: t('beside.born'), values: all.map((each) => each.born) },
            { what: t('beside.bornAt'), values: all.map((each) => each.bornAt ?? '') },
          ]}
        />
        {now.held.map((each) => (
          <ul key={each.name + each.born} className="mt-2" aria-label={t('look.held')}>
            {each.entries.map((entry) => (
              <li key={entry}>{entry}</li>
            ))}
          </ul>
        ))}
      </div>
      <ul className="mt-3 space-y-1">
        {now.opinions.map((each) => (
          <li key={each.by}>
            <b>{each.by}</b>: {t(`look.opinion.${each.opinion}`)} – {each.reason}
          </li>
        ))}
      </ul>
      {now.wanted && (
        <p className="quiet mt-1">
          {t('look.said', { count: now.said })} {!now.maySay && t('look.others')}
        </p>
      )}
      {now.maySay && <Say busy={say.isPending} error={say.error} onSay={(body) => say.mutate(body)} />}
    </section>
  );
}

function Say({
  busy,
  error,
  onSay,
}: {
  busy: boolean;
  error: Error | null;
  onSay: (look: Schemas['Look']) => void;
}) {
  const { t } = useTranslation();
  const [opinion, setOpinion] = useState<Schemas['Look']['opinion']>();
  const [reason, setReason] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    if (opinion) onSay({ opinion, reason });
  };
  return (
    <form className="mt-3 max-w-xl space-y-3" onSubmit={submit}>
      <fieldset>
        <legend className="font-semibold">{t('look.question')}</legend>
        {(['SAME', 'ANOTHER'] as const).map((each) => (
          <label key={each} className="flex min-h-9 items-center gap-2">
            <input
              type="radio"
              name="opinion"
              className="radio radio-primary"
              checked={opinion === each}
              onChange={() => setOpinion(each)}
            />
            {t(`look.opinion.${each}`)}
          </label>
        ))}
      </fieldset>
      <LongTextField
        label={t('look.why')}
        rows={3}
        value={reason}
        onChange={setReason}
        error={isAbout(error, 'reason') ? (error?.message ?? '') : null}
      />
      {!isAbout(error, 'reason') && <Problem of={error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-9" busy={busy || !opinion}>
        {t('look.say')}
      </Press>
    </form>
  );
}
