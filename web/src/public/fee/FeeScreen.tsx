import { useMutation, useQuery } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { useHandoverText } from '../../claim/handover';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { amountText, dateText } from '../../i18n';
import { Making } from './Making';

/** The fee of a claim: what it is made of, paying it, and what it was paid for. */
export function FeeScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const params = { params: { path: { id: claim } } };
  const fee = useQuery({
    queryKey: ['fee', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/fee', params)),
    refetchInterval: (query) => (query.state.data?.state === 'OPEN' ? 5_000 : false),
  });
  const documents = useQuery({
    queryKey: ['documents', claim, fee.data?.state],
    queryFn: () => take(api.GET('/api/my/claims/{id}/documents', params)),
    refetchInterval: (query) =>
      fee.data?.state === 'PAID' && query.state.data?.length === 0 ? 2_000 : false,
  });
  const pay = useMutation({
    mutationFn: () => take(api.POST('/api/my/claims/{id}/fee/pay', params)),
    onSuccess: ({ page }) => window.location.assign(page),
  });
  return (
    <Page title={t('fee.title')}>
      <h1 className="text-3xl">{t('fee.title')}</h1>
      <Problem of={fee.error ?? pay.error ?? documents.error} />
      {fee.data && (
        <>
          <p className="quiet mt-1">
            {fee.data.programme} · {fee.data.number}
          </p>
          <section className="sheet mt-4 max-w-2xl p-5" aria-live="polite">
            <p className="told text-3xl tabular-nums">{amountText(fee.data.amount)}</p>
            {fee.data.parts.map((part) => (
              <p key={part} className="mt-1">
                {part}
              </p>
            ))}
            <p className={`mt-4 font-semibold ${INK[fee.data.state]}`}>
              <span aria-hidden="true">{SHAPE[fee.data.state]} </span>
              {t(`fee.state.${fee.data.state}`, { date: dateText(fee.data.payBy) })}
            </p>
            {fee.data.refused && <p className="mt-1 font-semibold text-error">{t('fee.refused')}</p>}
            {fee.data.notOwed.map((each) => (
              <p key={each.amount} className="mt-1">
                {t(each.isBack ? 'fee.wentBack' : 'fee.goesBack', { amount: amountText(each.amount) })}
              </p>
            ))}
            {fee.data.state === 'OPEN' && (
              <>
                <p className="mt-1">{t('fee.how')}</p>
                <Press
                  type="button"
                  className="btn btn-primary mt-4 h-auto min-h-12"
                  busy={pay.isPending}
                  onClick={() => pay.mutate()}
                >
                  {t('fee.pay', { amount: amountText(fee.data.amount) })}
                </Press>
              </>
            )}
            {fee.data.receipt && (
              <p className="mt-3">
                <a
                  href={`/api/my/claims/${claim}/fee/receipt`}
                  target="_blank"
                  rel="noreferrer"
                  className="inline-flex min-h-11 items-center"
                >
                  {t('fee.receipt')}
                </a>
              </p>
            )}
          </section>
          {fee.data.state === 'PAID' && documents.data?.length === 0 && <Making claim={claim} />}
          {documents.data?.map((each) => (
            <MadeOut key={each.id} claim={claim} made={each} />
          ))}
        </>
      )}
      <p className="mt-6">
        <Link to="/my" className="inline-flex min-h-11 items-center">
          {t('my.backToClaims')}
        </Link>
      </p>
    </Page>
  );
}

const SHAPE = { OPEN: '◈', PAID: '✓', LAPSED: '–', GIVEN_BACK: '–' };
const INK = { OPEN: 'text-warning', PAID: 'text-success', LAPSED: 'quiet', GIVEN_BACK: 'quiet' };

function MadeOut({ claim, made }: { claim: string; made: Schemas['MadeOut'] }) {
  const { t } = useTranslation();
  const text = useHandoverText(true);
  const stands = made.state === 'STANDS';
  const isFetched = stands && made.handover?.atTheDesk && made.handover.state === 'WAITING';
  return (
    <section
      className={`sheet mt-4 max-w-2xl border-s-4 p-5 ${stands ? 'border-s-success' : 'border-s-warning'}`}
    >
      <h2 className="text-xl">{made.title}</h2>
      <p className="mt-1">
        {t('fee.madeOut', { date: dateText(made.issuedOn), until: dateText(made.validUntil) })}
      </p>
      {!stands && (
        <p className="mt-1 font-semibold text-warning">
          {t(`fee.not.${made.state}`)} {made.revoked?.why}
        </p>
      )}
      {made.handover && made.state !== 'REPLACED' && made.state !== 'REVOKED' && (
        <p className="mt-1">{text(made.handover)}</p>
      )}
      <p className="mt-1">
        {t('fee.number')} <b className="tabular-nums">{made.number}</b>
      </p>
      <div className="mt-3 flex flex-wrap gap-6">
        <a
          href={`/api/my/claims/${claim}/documents/${made.id}`}
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-11 items-center"
        >
          {t('fee.open')}
        </a>
        {isFetched && (
          <a
            href={`/api/my/claims/${claim}/pickup-note`}
            target="_blank"
            rel="noreferrer"
            className="inline-flex min-h-11 items-center"
          >
            {t('fee.fetch')}
          </a>
        )}
        <Link to={`/check/${made.number}`} className="inline-flex min-h-11 items-center">
          {t('fee.check')}
        </Link>
      </div>
    </section>
  );
}
