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

type Props = { expected: Schemas['Expected']; mayWork: boolean };

/** One document at the counter: whom to expect, what to look at, and handing it over. */
export function Counter({ expected, mayWork }: Props) {
  const { t } = useTranslation();
  const text = useHandoverText(false);
  const { handover } = expected;
  const isHere = expected.state !== 'REPLACED' && handover.state === 'WAITING' && handover.atTheDesk;
  return (
    <section
      className={`sheet mt-4 border-s-4 p-4 ${isHere ? 'border-s-success' : 'border-s-warning'}`}
      aria-label={expected.title}
    >
      <h2 className="text-xl">{expected.holder}</h2>
      <p>{t('handover.born', { date: dateText(expected.dateOfBirth) })}</p>
      <p className="mt-2">
        {expected.title} <b className="tabular-nums">{expected.number}</b>
      </p>
      <p className="mt-1">
        {expected.state === 'REPLACED' ? t('handover.replaced') : text(handover)}{' '}
        {expected.state === 'LAPSED' && t('handover.lapsed')}
      </p>
      {handover.toAProxy && isHere && <p className="mt-2 font-semibold">{t('handover.proxy')}</p>}
      {isHere && mayWork && <Give expected={expected} />}
      {!isHere && mayWork && expected.state !== 'REPLACED' && <Moves expected={expected} />}
      <p className="mt-3">
        <Link to={`/claims/${expected.claim}`}>
          {t('handover.toClaim', { number: expected.claimNumber })}
        </Link>
      </p>
    </section>
  );
}

function Give({ expected }: { expected: Schemas['Expected'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [shown, setShown] = useState('');
  const [to, setTo] = useState('');
  const [authorised, setAuthorised] = useState(false);
  const proxy = expected.handover.toAProxy;
  const give = useMutation({
    mutationFn: () =>
      take(
        api.POST('/api/handovers/{number}/given', {
          params: { path: { number: expected.number } },
          body: { shown, to, authorised },
        }),
      ),
    onSettled: () => {
      void queries.invalidateQueries({ queryKey: ['handover'] });
      void queries.invalidateQueries({ queryKey: ['handovers'] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    give.mutate();
  };
  const about = (path: string) => (isAbout(give.error, path) ? (give.error?.message ?? null) : null);
  return (
    <form className="mt-3 space-y-3 border-t border-base-300 pt-3" onSubmit={submit}>
      {!about('shown') && !about('to') && <Problem of={give.error} />}
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
      <Press type="submit" className="btn btn-primary" busy={give.isPending}>
        {t('handover.give')}
      </Press>
    </form>
  );
}
