import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useMyClaims } from '../../claim/useMyClaims';
import { isWantedAt, Wanted } from '../../claim/Wanted';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { dateText } from '../../i18n';
import { WhereItIs } from './WhereItIs';

/** For each claim: where it stands in one sentence, and what is wanted by when. */
export function MyClaimsScreen() {
  const { t } = useTranslation();
  const claims = useMyClaims();
  const drafts = useQuery({ queryKey: ['drafts'], queryFn: () => take(api.GET('/api/drafts')) });
  const offers = useQuery({ queryKey: ['programmes'], queryFn: () => take(api.GET('/api/programmes')) });
  const nameOf = (programme: string) =>
    offers.data?.find((each) => each.id === programme)?.name.toLowerCase() ?? '';
  const nothing = claims.data?.length === 0 && drafts.data?.length === 0;
  return (
    <Page title={t('my.title')}>
      <h1 className="text-3xl">{t('my.title')}</h1>
      <Problem of={claims.error ?? drafts.error} />
      {nothing && (
        <div className="mt-6">
          <p className="mb-4">{t('my.none')}</p>
          <Link to="/" className="btn btn-primary h-auto min-h-12">
            {t('my.applyNew')}
          </Link>
        </div>
      )}
      <div className="mt-6 space-y-4">
        {drafts.data?.map((draft) => (
          <section key={draft.id} className="sheet flex flex-wrap items-center gap-4 p-5">
            <h2 className="grow basis-40 text-lg">{t('my.open')}</h2>
            <Link to={`/apply/${draft.programme}`} className="btn btn-outline btn-primary h-auto min-h-11">
              {t('my.goOn', { programme: nameOf(draft.programme) })}
            </Link>
          </section>
        ))}
        {claims.data?.map((claim) => (
          <MyClaim key={claim.id} claim={claim} />
        ))}
      </div>
    </Page>
  );
}

function MyClaim({ claim }: { claim: Schemas['MyClaim'] }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [sure, setSure] = useState(false);
  const withdraw = useMutation({
    mutationFn: () => take(api.POST('/api/my/claims/{id}/withdraw', { params: { path: { id: claim.id } } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: ['my'] }),
  });
  const edge =
    claim.wanted.length > 0 ? 'border-s-warning' : claim.hasLetter ? 'border-s-success' : 'border-s-primary';
  return (
    <article className={`sheet border-s-4 p-5 ${edge}`}>
      <h2 className="text-xl">{claim.programme}</h2>
      <p className="quiet text-sm">
        {claim.number} · {t('my.received', { date: dateText(claim.receivedOn) })}
      </p>
      <p className="mt-3 text-lg">{claim.sentence}</p>
      {claim.outcome.map((line) => (
        <p key={line} className="told mt-2 text-xl">
          {line}
        </p>
      ))}
      {claim.hasFee && !isWantedAt(claim, 'fee') && <WhereItIs claim={claim.id} />}
      <Wanted claim={claim} />
      {claim.hasLetter && claim.state !== 'WITHDRAWN' && <p className="mt-3 max-w-prose">{t('my.object')}</p>}
      <Problem of={withdraw.error} />
      <div className="mt-4 flex flex-wrap gap-6">
        {claim.hasLetter && (
          <Link to={`/my/${claim.id}/letter`} className="inline-flex min-h-11 items-center">
            {t('my.letter')}
          </Link>
        )}
        {claim.canWithdraw && !isWantedAt(claim, 'papers') && (
          <Link to={`/my/${claim.id}/papers`} className="inline-flex min-h-11 items-center">
            {t('my.papers')}
          </Link>
        )}
        {claim.showsIdentity && !isWantedAt(claim, 'identity') && (
          <Link to={`/my/${claim.id}/identity`} className="inline-flex min-h-11 items-center">
            {t('my.identity')}
          </Link>
        )}
        {claim.canChangeDays && (
          <Link to={`/my/${claim.id}/days`} className="inline-flex min-h-11 items-center">
            {t('my.days')}
          </Link>
        )}
        {claim.tellsHours && !isWantedAt(claim, 'hours') && (
          <Link to={`/my/${claim.id}/hours`} className="inline-flex min-h-11 items-center">
            {t('my.hours')}
          </Link>
        )}
        {claim.asksOthers && !isWantedAt(claim, 'others') && (
          <Link to={`/my/${claim.id}/others`} className="inline-flex min-h-11 items-center">
            {t('my.others')}
          </Link>
        )}
        {claim.hasFee && !isWantedAt(claim, 'fee') && (
          <Link to={`/my/${claim.id}/fee`} className="inline-flex min-h-11 items-center">
            {t('my.fee')}
          </Link>
        )}
        {claim.hasPayments && (
          <Link to={`/my/${claim.id}/account`} className="inline-flex min-h-11 items-center">
            {t('my.payments')}
          </Link>
        )}
        <Link to={`/my/${claim.id}/messages`} className="inline-flex min-h-11 items-center">
          {claim.unread > 0 ? t('my.unread', { count: claim.unread }) : t('my.messages')}
        </Link>
        {claim.canWithdraw && (
          <button
            type="button"
            className="quiet min-h-11 cursor-pointer"
            onClick={() => (sure ? withdraw.mutate() : setSure(true))}
          >
            {sure ? t('my.withdrawSure') : t('my.withdraw')}
          </button>
        )}
      </div>
    </article>
  );
}
