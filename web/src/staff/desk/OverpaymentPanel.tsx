import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { amountText, dateText } from '../../i18n';

const INK = { FOUND: 'text-warning', CLAIMED_BACK: '', LET_GO: 'quiet', GONE: 'quiet' };
const SHAPE = { FOUND: '◈', CLAIMED_BACK: '◇', LET_GO: '–', GONE: '–' };

const keyOf = (claim: string) => ['overpayments', claim];

export const useOverpayments = (claim: string) =>
  useQuery({
    queryKey: keyOf(claim),
    queryFn: () => take(api.GET('/api/claims/{id}/overpayments', { params: { path: { id: claim } } })),
  });

/** What was paid too much on a claim; whether it is claimed back is decided here, by a decision of its own. */
export function OverpaymentPanel({ desk }: { desk: Schemas['Desk'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const found = useOverpayments(desk.id);
  const decide = useMutation({
    mutationFn: ({ id, claimBack, reason }: { id: string; claimBack: boolean; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/overpayments/{overpayment}/decision', {
          params: { path: { id: desk.id, overpayment: id } },
          body: { claimBack, reason },
        }),
      ),
    onSuccess: (now) => {
      queries.setQueryData(keyOf(desk.id), now);
      void queries.invalidateQueries({ queryKey: ['desk', desk.id] });
      void queries.invalidateQueries({ queryKey: ['day-sheet'] });
    },
  });
  if (!found.data?.overpayments.length) return <Problem of={found.error} />;
  return (
    <section aria-label={t('overpaid.title')}>
      <h2 className="text-lg">{t('overpaid.title')}</h2>
      <ul className="max-w-2xl divide-y divide-base-300">
        {found.data.overpayments.map((each) => (
          <li key={each.id} className="py-2">
            <p className="font-semibold">
              {t('overpaid.what', { amount: amountText(each.amount), day: dateText(each.time) })}
            </p>
            <p className={INK[each.state]}>
              <span aria-hidden="true">{SHAPE[each.state]} </span>
              {t(`overpaid.atDesk.${each.state as 'FOUND'}`, {
                date: each.decidedOn ? dateText(each.decidedOn) : '',
                reason: each.reason,
                kept: amountText(each.keptBack),
                rest: amountText(each.rest),
                percent: each.percent,
              })}
            </p>
            {each.state === 'FOUND' && desk.may.write && (
              <Decide
                problem={decide.variables?.id === each.id ? decide.error : null}
                busy={decide.isPending}
                onDecide={(claimBack, reason) => decide.mutate({ id: each.id, claimBack, reason })}
              />
            )}
            {each.state === 'CLAIMED_BACK' && (
              <a
                href={`/api/claims/${desk.id}/overpayments/${each.id}/letter`}
                target="_blank"
                rel="noreferrer"
                className="inline-flex min-h-9 items-center"
              >
                {t('overpaid.letter')}
              </a>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}

type DecideProps = {
  problem: Error | null;
  busy: boolean;
  onDecide: (claimBack: boolean, reason: string) => void;
};

function Decide({ problem, busy, onDecide }: DecideProps) {
  const { t } = useTranslation();
  const [reason, setReason] = useState('');
  const isAboutReason = isAbout(problem, 'reason');
  return (
    <form
      className="mt-2 flex flex-wrap items-end gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        onDecide(true, reason);
      }}
      noValidate
    >
      {!isAboutReason && <Problem of={problem} />}
      <TextField
        label={t('overpaid.why')}
        hint={t('overpaid.whyHint')}
        error={isAboutReason ? problem?.message : null}
        value={reason}
        onChange={setReason}
      />
      <Press type="submit" className="btn btn-sm btn-primary" busy={busy}>
        {t('overpaid.claim')}
      </Press>
      <button type="button" className="btn btn-sm" disabled={busy} onClick={() => onDecide(false, reason)}>
        {t('overpaid.letGo')}
      </button>
    </form>
  );
}
