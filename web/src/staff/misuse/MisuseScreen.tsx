import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useSession } from '../../api/session';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { amountText, momentText } from '../../i18n';
import { AskMany } from './AskMany';
import { LooksInto } from './LooksInto';

/** Cases of suspected misuse: what hangs together with each, and what to do about it. */
export function MisuseScreen() {
  const { t } = useTranslation();
  const cases = useQuery({ queryKey: ['misuse'], queryFn: () => take(api.GET('/api/misuse')) });
  return (
    <Page title={t('misuse.title')}>
      <h1 className="text-3xl">{t('misuse.title')}</h1>
      <Problem of={cases.error} />
      {cases.data?.length === 0 && <p className="mt-3">{t('misuse.none')}</p>}
      <div className="mt-5 space-y-5">
        {cases.data?.map((each) => (
          <Case key={each.id} misuse={each} />
        ))}
      </div>
    </Page>
  );
}

function Case({ misuse }: { misuse: Schemas['MisuseCase'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const supervisor = useSession().data?.role === 'SUPERVISOR';
  const [words, setWords] = useState('');
  const changed = () => queries.invalidateQueries({ queryKey: ['misuse'] });
  const freeze = useMutation({
    mutationFn: (claim: string) =>
      take(api.POST('/api/misuse/{id}/freeze/{claim}', { params: { path: { id: misuse.id, claim } } })),
    onSuccess: changed,
  });
  const close = useMutation({
    mutationFn: (referred: boolean) =>
      take(
        api.POST('/api/misuse/{id}/close', {
          params: { path: { id: misuse.id } },
          body: { referred, words },
        }),
      ),
    onSuccess: changed,
  });
  const open = misuse.state === 'OPEN';
  return (
    <article
      className={`sheet dense border-s-4 p-4 ${open ? 'border-s-error' : 'border-s-base-300'}`}
      aria-label={misuse.number}
    >
      <h2 className="text-lg">
        {misuse.household}{' '}
        <Link to={`/claims/${misuse.claim}`} className="underline">
          {misuse.number}
        </Link>
      </h2>
      <p className="quiet">
        {t(`misuse.${misuse.state}`)} · {momentText(misuse.openedAt)}
        {misuse.words && ` · ${misuse.words}`}
      </p>
      {open && <LooksInto misuse={misuse} may={supervisor} onChanged={changed} />}
      <p>{t('misuse.paid', { reference: misuse.reference, amount: amountText(misuse.paid) })}</p>
      <h3 className="!font-sans mt-3 text-sm">{t('misuse.linked')}</h3>
      {misuse.linked.length === 0 && <p className="quiet">{t('misuse.nothingLinked')}</p>}
      <ul>
        {misuse.linked.map((each) => (
          <li key={each.claim} className="row-line flex flex-wrap items-center gap-4 py-1.5">
            <Link to={`/claims/${each.claim}`} className="alone">
              {each.number}
            </Link>
            <span>{each.household}</span>
            <span className="quiet flex-1">{each.by.join(', ')}</span>
            {each.since && (
              <span className="font-semibold text-warning">
                <span aria-hidden="true">▲ </span>
                {t('misuse.since')}
              </span>
            )}
            <span className={each.state === 'FROZEN' ? 'font-semibold text-error' : 'quiet'}>
              {t(`state.${each.state as 'FROZEN'}`)}
            </span>
            {open && supervisor && !['FROZEN', 'WITHDRAWN', 'FULFILLED'].includes(each.state) && (
              <button
                type="button"
                aria-label={`${t('misuse.freeze')}: ${each.number}`}
                className="min-h-8 cursor-pointer font-semibold text-primary"
                onClick={() => freeze.mutate(each.claim)}
              >
                {t('misuse.freeze')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {supervisor && <AskMany claim={misuse.claim} />}
      <Problem of={freeze.error ?? close.error} />
      {open && supervisor && (
        <div className="mt-3 max-w-2xl space-y-2">
          <TextField label={t('misuse.words')} value={words} onChange={setWords} />
          <div className="flex flex-wrap gap-5">
            <Press
              type="button"
              className="btn btn-primary h-auto min-h-9 "
              busy={close.isPending}
              onClick={() => close.mutate(false)}
            >
              {t('misuse.release')}
            </Press>
            <Press
              type="button"
              className="btn btn-outline btn-error h-auto min-h-9 "
              busy={close.isPending}
              onClick={() => close.mutate(true)}
            >
              {t('misuse.refer')}
            </Press>
          </div>
        </div>
      )}
    </article>
  );
}
