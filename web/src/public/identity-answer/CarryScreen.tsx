import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useLocation, useNavigate, useParams } from 'react-router';
import { api, take } from '../../api/client';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { Documents } from './Documents';
import { useIdentity, useSending } from './useIdentity';

/** Where the code leads: a phone that takes the pictures for what was begun elsewhere, and does nothing else. */
export function CarryScreen() {
  const { t } = useTranslation();
  const { claim } = useParams();
  const title = t(claim ? 'who.carry.title' : 'who.carry.whose');
  return (
    <Page title={title}>
      <h1 className="mt-1 text-3xl">{title}</h1>
      {claim ? <Carrying claim={claim} /> : <Enter />}
    </Page>
  );
}

/** Says whose pictures they would be, and asks: anybody can be sent a code of somebody else's. */
function Enter() {
  const { t } = useTranslation();
  const token = useLocation().hash.slice(1);
  const go = useNavigate();
  const queries = useQueryClient();
  const whose = useQuery({
    queryKey: ['carry', token],
    queryFn: () => take(api.POST('/api/carry/look', { body: { token } })),
    enabled: token !== '',
  });
  const enter = useMutation({
    mutationFn: () => take(api.POST('/api/carry', { body: { token } })),
    onSuccess: (to) => {
      queries.clear();
      void go(to.signedIn ? `/my/${to.claim}/identity` : `/carry/${to.claim}`, { replace: true });
    },
  });
  return (
    <div className="mt-4 max-w-2xl space-y-4">
      <Problem of={whose.error ?? enter.error} />
      {whose.data && (
        <>
          <p>{t('who.carry.for', whose.data)}</p>
          <p>{t('who.carry.onlyIf')}</p>
          <Press
            type="button"
            className="btn btn-primary h-auto min-h-11"
            busy={enter.isPending}
            onClick={() => enter.mutate()}
          >
            {t('who.carry.yes')}
          </Press>
        </>
      )}
    </div>
  );
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
