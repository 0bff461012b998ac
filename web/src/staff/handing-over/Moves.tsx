import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';

/** What can be done with a document that is not at the counter: it came back from the post, and goes again. */
export function Moves({ expected }: { expected: Schemas['Expected'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [reason, setReason] = useState('');
  const params = { params: { path: { number: expected.number } } };
  const onSettled = () => {
    void queries.invalidateQueries({ queryKey: ['at-counter'] });
    void queries.invalidateQueries({ queryKey: ['handovers'] });
  };
  const returned = useMutation({
    mutationFn: () => take(api.POST('/api/handovers/{number}/returned', { ...params, body: { reason } })),
    onSettled,
  });
  const again = useMutation({
    mutationFn: (atTheDesk: boolean) =>
      take(api.POST('/api/handovers/{number}/again', { ...params, body: { atTheDesk } })),
    onSettled,
  });
  const { state } = expected.handover;
  const submit = (event: FormEvent) => {
    event.preventDefault();
    returned.mutate();
  };
  return (
    <div className="mt-3 border-t border-base-300 pt-3">
      <Problem of={returned.error ?? again.error} />
      {state === 'SENT' && (
        <form className="space-y-3" onSubmit={submit}>
          <TextField
            label={t('handover.why')}
            hint={t('handover.whyHint')}
            value={reason}
            onChange={setReason}
          />
          <Press type="submit" className="btn btn-outline btn-primary" busy={returned.isPending}>
            {t('handover.cameBack')}
          </Press>
        </form>
      )}
      {state === 'RETURNED' && (
        <>
          <p>{t('handover.askFirst')}</p>
          <div className="mt-3 flex flex-wrap gap-3">
            <Press className="btn btn-primary" busy={again.isPending} onClick={() => again.mutate(false)}>
              {t('handover.sendAgain')}
            </Press>
            <Press
              className="btn btn-outline btn-primary"
              busy={again.isPending}
              onClick={() => again.mutate(true)}
            >
              {t('handover.keepHere')}
            </Press>
          </div>
        </>
      )}
      {state === 'DESTROYED' && <p>{t('handover.anewThere')}</p>}
    </div>
  );
}
