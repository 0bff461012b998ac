import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { FollowUpList } from '../../claim/FollowUpList';
import { GoesTo } from '../../claim/GoesTo';
import { PaymentList } from '../../claim/PaymentList';
import { TextField } from '../../components/Field';
import { isComing } from '../../components/isComing';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { FeePanel, useFee } from './FeePanel';
import { OthersAccount } from './OthersAccount';
import { OverpaymentPanel, useOverpayments } from './OverpaymentPanel';

/** What follows the decision in money; a caseworker looks at what the bank booked otherwise. */
export function PaymentPanel({ desk }: { desk: Schemas['Desk'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const key = ['payments', desk.id];
  const following = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/payments', { params: { path: { id: desk.id } } })),
  });
  const changed = (now: Schemas['Following']) => {
    queries.setQueryData(key, now);
    void queries.invalidateQueries({ queryKey: ['desk', desk.id] });
    void queries.invalidateQueries({ queryKey: ['day-sheet'] });
  };
  const accept = useMutation({
    mutationFn: ({ payment, reason }: { payment: string; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/payments/{payment}/accept', {
          params: { path: { id: desk.id, payment } },
          body: { reason },
        }),
      ),
    onSuccess: changed,
  });
  const done = useMutation({
    mutationFn: ({ followUp, note }: { followUp: string; note: string }) =>
      take(
        api.POST('/api/claims/{id}/follow-ups/{followUp}', {
          params: { path: { id: desk.id, followUp } },
          body: { reason: note },
        }),
      ),
    onSuccess: changed,
  });
  const letters = useQuery({
    queryKey: ['letters', desk.id],
    queryFn: () => take(api.GET('/api/claims/{id}/letters', { params: { path: { id: desk.id } } })),
    enabled: !!desk.past.decision,
  });
  const [reason, setReason] = useState('');
  /** All of it comes at once: what is about to be pressed does not jump when something comes above it. */
  const waits = isComing(following, useOverpayments(desk.id), useFee(desk.id));
  const now = following.data;
  if (waits) return <p className="quiet p-4">{t('loading')}</p>;
  return (
    <section className="space-y-3 p-4" aria-label={t('desk.tab.payments')}>
      <Problem of={following.error ?? accept.error ?? done.error} />
      <FeePanel claim={desk.id} mayWrite={desk.may.write} />
      {now?.payments.length === 0 && now.others.length === 0 && <p>{t('payments.none')}</p>}
      {now && now.payments.length > 0 && (
        <>
          {now.account || now.postalOrder ? (
            <div>
              <GoesTo following={now} />
              {now.given && <p className="text-sm text-base-content/80">{now.given}</p>}
            </div>
          ) : (
            <p>{now.whom ? t('payments.noAccountOf', { whom: now.whom }) : t('payments.noAccount')}</p>
          )}
          {now.whom && desk.may.write && (
            <OthersAccount claim={desk.id} following={now} onChanged={changed} />
          )}
          <PaymentList
            payments={now.payments}
            nowhere={!(now.account || now.postalOrder)}
            act={(payment) =>
              payment.state === 'QUESTIONED' &&
              desk.may.write && (
                <form
                  className="mt-2 flex flex-wrap items-end gap-3 text-base-content"
                  onSubmit={(event) => {
                    event.preventDefault();
                    accept.mutate({ payment: payment.id, reason });
                  }}
                >
                  <TextField label={t('payments.why')} value={reason} onChange={setReason} />
                  <Press type="submit" className="btn btn-sm btn-primary" busy={accept.isPending}>
                    {t('payments.accept')}
                  </Press>
                </form>
              )
            }
          />
        </>
      )}
      <OverpaymentPanel desk={desk} />
      {now && now.others.length > 0 && (
        <>
          <h2 className="text-lg">{t('follow.title')}</h2>
          <FollowUpList
            followUps={now.others}
            onDone={desk.may.write ? (followUp, note) => done.mutate({ followUp, note }) : undefined}
          />
        </>
      )}
      {letters.data && letters.data.length > 0 && (
        <>
          <h2 className="text-lg">{t('follow.letters')}</h2>
          <ul>
            {letters.data.map((letter) => (
              <li key={letter.whom}>
                <a
                  href={`/api/claims/${desk.id}/letters/${letter.whom}`}
                  target="_blank"
                  rel="noreferrer"
                  className="inline-flex min-h-9 items-center"
                >
                  {t('follow.letterTo', { name: letter.name })}
                </a>
              </li>
            ))}
          </ul>
        </>
      )}
    </section>
  );
}
