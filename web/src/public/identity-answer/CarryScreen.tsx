import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { useTranslation } from 'react-i18next';
import { useLocation, useNavigate, useParams } from 'react-router';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { Documents } from './Documents';
import { useIdentity, useSending } from './useIdentity';

/** Where the code leads: a phone that takes the pictures for what was begun elsewhere, and does nothing else. */
export function CarryScreen() {
  const { t } = useTranslation();
  const { claim } = useParams();
  return (
    <Page title={t('who.carry.title')}>
      <h1 className="mt-1 text-3xl">{t('who.carry.title')}</h1>
      {claim ? <Carrying claim={claim} /> : <Enter />}
    </Page>
  );
}

function Enter() {
  const { hash } = useLocation();
  const go = useNavigate();
  const queries = useQueryClient();
  const used = useRef('');
  const enter = useMutation({
    mutationFn: (token: string) => take(api.POST('/api/carry', { body: { token } })),
    onSuccess: (to) => {
      queries.clear();
      void go(`/carry/${to.claim}`, { replace: true });
    },
  });
  const { mutate } = enter;
  const token = hash.slice(1);
  useEffect(() => {
    if (token && used.current !== token) {
      used.current = token;
      mutate(token);
    }
  }, [token, mutate]);
  return <Problem of={enter.error} />;
}

function Carrying({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const work = useIdentity(claim);
  const sending = useSending(claim);
  const mine = work.identity.data;
  return (
    <div className="mt-4 max-w-3xl">
      <Problem of={work.identity.error} />
      {mine?.step === 'ASKED' && <Documents claim={claim} mine={mine} work={work} sending={sending} />}
      {mine && mine.step !== 'ASKED' && <p>{mine.sentence}</p>}
      {mine && <p className="mt-4">{t('who.carry.done')}</p>}
    </div>
  );
}
