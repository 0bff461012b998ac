import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { SharedNet } from '../../claim/SharedNet';
import { TextField } from '../../components/Field';
import { Problem } from '../../components/Problem';

/** Why it may be doubted: each signal with its facts, its weight and how often it was wrong; and the net of claims. */
export function Signals({ claim, canWork }: { claim: string; canWork: boolean }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ['signals', claim];
  const path = { id: claim };
  const view = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/signals', { params: { path } })),
  });
  const dismiss = useMutation({
    mutationFn: (wish: Schemas['DismissSignal']) =>
      take(api.POST('/api/claims/{id}/signals/dismiss', { params: { path }, body: wish })),
    onSuccess: (now) => queries.setQueryData(key, now),
  });
  const signals = view.data?.signals ?? [];
  return (
    <section className="sheet mt-3 p-3" aria-label={t('signals.title')}>
      <h2 className="text-lg">{t('signals.title')}</h2>
      <Problem of={view.error ?? dismiss.error} />
      {view.data && signals.length === 0 && <p className="quiet">{t('signals.none')}</p>}
      <ul className="mt-1 divide-y divide-base-300">
        {signals.map((each) => (
          <li key={each.id} className="grid grid-cols-1 gap-x-4 py-2 lg:grid-cols-[14rem_1fr_auto]">
            <p className={each.dismissed ? 'quiet' : 'font-semibold'}>{each.label}</p>
            <div>
              <p>{each.facts}</p>
              <p className="quiet">
                {each.weight} {each.record}
              </p>
              {each.dismissed && <p className="told">{t('signals.dismissed', { reason: each.dismissed })}</p>}
            </div>
            {canWork && !each.dismissed && (
              <Dismiss
                label={each.label}
                onDismiss={(reason) => dismiss.mutate({ signal: each.id, reason })}
              />
            )}
          </li>
        ))}
      </ul>
      {view.data && view.data.claims.length > 1 && <SharedNet view={view.data} />}
    </section>
  );
}

function Dismiss({ label, onDismiss }: { label: string; onDismiss: (reason: string) => void }) {
  const { t } = useTranslation();
  const [reason, setReason] = useState<string>();
  if (reason === undefined)
    return (
      <button
        type="button"
        className="min-h-8 cursor-pointer self-start font-semibold text-primary"
        aria-label={`${t('signals.dismiss')}: ${label}`}
        onClick={() => setReason('')}
      >
        {t('signals.dismiss')}
      </button>
    );
  return (
    <form
      className="w-72 space-y-2"
      onSubmit={(event) => {
        event.preventDefault();
        onDismiss(reason);
      }}
    >
      <TextField label={t('signals.why')} hint={t('signals.whyHint')} value={reason} onChange={setReason} />
      <button type="submit" className="btn btn-outline btn-primary h-auto min-h-8 " disabled={!reason.trim()}>
        {t('signals.dismiss')}
      </button>
    </form>
  );
}
