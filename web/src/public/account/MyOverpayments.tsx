import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useId, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { amountText, dateText } from '../../i18n';

const HALF = 50;
const ALL = 100;

/** What was paid too much, what became of it, and how fast it is settled; nothing where nothing was. */
export function MyOverpayments({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const found = useQuery({
    queryKey: ['my-overpayments', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/overpayments', { params: { path: { id: claim } } })),
  });
  if (!found.data?.overpayments.length) return <Problem of={found.error} />;
  return (
    <section>
      <h2 className="mb-2 text-xl">{t('overpaid.title')}</h2>
      <ul className="space-y-3">
        {found.data.overpayments.map((each) => (
          <li key={each.id} className="sheet border-s-4 border-s-warning p-5">
            <One claim={claim} each={each} usual={found.data.usualPercent} />
          </li>
        ))}
      </ul>
    </section>
  );
}

type Props = { claim: string; each: Schemas['PaidTooMuch']; usual: number };

function One({ claim, each, usual }: Props) {
  const { t } = useTranslation();
  const isOwed = each.rest !== '0.00';
  return (
    <>
      <p className="told text-lg">
        {t('overpaid.what', { amount: amountText(each.amount), day: dateText(each.time) })}
      </p>
      <p className="mt-1">
        {t(`overpaid.${each.state as 'FOUND'}`, {
          kept: amountText(each.keptBack),
          rest: amountText(each.rest),
        })}
      </p>
      {each.state === 'CLAIMED_BACK' && !isOwed && (
        <p className="text-success">
          <span aria-hidden="true">✓ </span>
          {t('overpaid.settled')}
        </p>
      )}
      {isOwed && <Share key={each.percent} claim={claim} each={each} usual={usual} />}
      {each.state === 'CLAIMED_BACK' && (
        <a
          className="inline-flex min-h-11 items-center"
          href={`/api/my/claims/${claim}/overpayments/${each.id}/letter`}
          target="_blank"
          rel="noreferrer"
        >
          {t('overpaid.letter')}
        </a>
      )}
    </>
  );
}

function Share({ claim, each, usual }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const id = useId();
  const [percent, setPercent] = useState(each.percent);
  const agree = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/my/claims/{id}/overpayments/{overpayment}/share', {
          params: { path: { id: claim, overpayment: each.id } },
          body: { percent },
        }),
      ),
    onSuccess: (now) => queries.setQueryData(['my-overpayments', claim], now),
  });
  const choices = [...new Set([usual, each.percent, HALF, ALL])].sort((a, b) => a - b);
  const named = (choice: number) => {
    const option = choice === ALL ? t('overpaid.all') : t('overpaid.upTo', { percent: choice });
    return choice === usual ? t('overpaid.usual', { option }) : option;
  };
  return (
    <form
      className="mt-3"
      onSubmit={(event) => {
        event.preventDefault();
        agree.mutate();
      }}
    >
      <Problem of={agree.error} />
      <label htmlFor={id} className="mb-1 block">
        {t('overpaid.share')}
      </label>
      <div className="flex flex-wrap gap-3">
        <select
          id={id}
          className="select min-h-12 w-full max-w-sm"
          value={percent}
          onChange={(event) => setPercent(Number(event.target.value))}
        >
          {choices.map((choice) => (
            <option key={choice} value={choice}>
              {named(choice)}
            </option>
          ))}
        </select>
        <Press
          type="submit"
          className="btn btn-outline btn-primary h-auto min-h-12"
          busy={agree.isPending}
          disabled={percent === each.percent}
        >
          {t('overpaid.agree')}
        </Press>
      </div>
    </form>
  );
}
