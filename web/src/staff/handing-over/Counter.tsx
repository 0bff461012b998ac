import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useHandoverText } from '../../claim/handover';
import { CheckField, TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { Moves } from './Moves';

const MOVES: Schemas['Handover']['state'][] = ['SENT', 'RETURNED', 'DESTROYED'];

type Props = { expected: Schemas['Expected']; mayWork: boolean };

/** One document at the counter: whom to expect, what to look at, and handing it over. */
export function Counter({ expected, mayWork }: Props) {
  const { t } = useTranslation();
  const text = useHandoverText(false);
  const { handover } = expected;
  const queries = useQueryClient();
  const give = useMutation({
    mutationFn: (body: Schemas['Give']) =>
      take(
        api.POST('/api/handovers/{number}/given', {
          params: { path: { number: expected.number } },
          body,
        }),
      ),
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ['at-counter'] });
      void queries.invalidateQueries({ queryKey: ['handovers'] });
    },
  });
  const standsNoMore = expected.state === 'REPLACED' || expected.state === 'REVOKED';
  const isHere = !standsNoMore && handover.state === 'WAITING' && handover.atTheDesk;
  const isGone = handover.state === 'GIVEN' || handover.state === 'SENT';
  return (
    <section
      className={`sheet mt-4 border-s-4 p-4 ${isHere || isGone ? 'border-s-success' : 'border-s-warning'}`}
      aria-label={expected.title}
    >
      <h2 className="text-xl">{expected.holder}</h2>
      <p>{t('handover.born', { date: dateText(expected.dateOfBirth) })}</p>
      <p className="mt-2">
        {expected.title} <b className="tabular-nums">{expected.number}</b>
      </p>
      <p className="mt-1">
        {standsNoMore
          ? t(expected.state === 'REVOKED' ? 'handover.revoked' : 'handover.replaced')
          : text(handover)}{' '}
        {expected.state === 'LAPSED' && t('handover.lapsed')}
      </p>
      {handover.toAProxy && isHere && <p className="mt-2 font-semibold">{t('handover.proxy')}</p>}
      {!isAbout(give.error, 'shown') && !isAbout(give.error, 'to') && <Problem of={give.error} />}
      {isHere && mayWork && (
        <Give
          proxy={handover.toAProxy}
          busy={give.isPending}
          error={give.error}
          onGive={(seen) => give.mutate(seen)}
        />
      )}
      {mayWork && MOVES.includes(handover.state) && !standsNoMore && <Moves expected={expected} />}
      <p className="mt-3">
        <Link to={`/claims/${expected.claim}`} className="alone">
          {t('handover.toClaim', { number: expected.claimNumber })}
        </Link>
      </p>
    </section>
  );
}

type GiveProps = {
  proxy: boolean;
  busy: boolean;
  error: Error | null;
  onGive: (seen: Schemas['Give']) => void;
};

function Give({ proxy, busy, error, onGive }: GiveProps) {
  const { t } = useTranslation();
  const [shown, setShown] = useState('');
  const [to, setTo] = useState('');
  const [authorised, setAuthorised] = useState(false);
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onGive({ shown, to, authorised });
  };
  const about = (path: string) => (isAbout(error, path) ? (error?.message ?? null) : null);
  return (
    <form className="mt-3 space-y-3 border-t border-base-300 pt-3" onSubmit={submit}>
      {proxy && (
        <TextField
          label={t('handover.who')}
          value={to}
          onChange={setTo}
          error={about('to')}
          autoComplete="off"
        />
      )}
      <TextField
        label={t('handover.shown')}
        hint={t('handover.shownHint')}
        value={shown}
        onChange={setShown}
        error={about('shown')}
        autoComplete="off"
      />
      {proxy && <CheckField label={t('handover.authorised')} checked={authorised} onChange={setAuthorised} />}
      <Press type="submit" className="btn btn-primary" busy={busy}>
        {t('handover.give')}
      </Press>
    </form>
  );
}
