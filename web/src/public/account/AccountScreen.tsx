import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { useParams } from 'react-router';
import { api, take } from '../../api/client';
import { BackToMine } from '../../claim/BackToMine';
import { FollowUpList } from '../../claim/FollowUpList';
import { GoesTo } from '../../claim/GoesTo';
import { PaymentList } from '../../claim/PaymentList';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import { MyOverpayments } from './MyOverpayments';
import { Statements } from './Statements';
import { type To, WhereForm } from './WhereForm';

/** Where the money goes, and what is paid when. */
export function AccountScreen() {
  const { t } = useTranslation();
  const { claim = '' } = useParams();
  const queries = useQueryClient();
  const path = { id: claim };
  const key = ['my-payments', claim];
  const following = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/my/claims/{id}/payments', { params: { path } })),
  });
  const give = useMutation({
    mutationFn: (to: To) =>
      'iban' in to
        ? take(api.PUT('/api/my/claims/{id}/account', { params: { path }, body: to }))
        : take(api.PUT('/api/my/claims/{id}/postal-order', { params: { path }, body: to })),
    onSuccess: (now) => {
      queries.setQueryData(key, now);
      void queries.invalidateQueries({ queryKey: ['my'] });
    },
  });
  const now = following.data;
  const isKnown = Boolean(now?.account ?? now?.postalOrder);
  return (
    <Page title={t('payments.title')}>
      <BackToMine />
      <h1 className="mt-1 text-3xl">{t('payments.title')}</h1>
      <Problem of={following.error} />
      {now && (
        <div className="mt-4 max-w-3xl space-y-6">
          <p>{t('payments.intro', { number: now.number })}</p>
          {give.isSuccess && (
            <p className="font-semibold text-success" role="status">
              <span aria-hidden="true">✓ </span>
              {now.account
                ? t('payments.given', { account: now.account })
                : t('payments.givenByPost', { address: now.postalOrder })}
            </p>
          )}
          {isKnown && !give.isSuccess && <GoesTo following={now} />}
          {now.whom && <p>{t('payments.paidTo', { whom: now.whom })}</p>}
          {!isKnown && !now.whom && <WhereForm give={give} />}
          {now.payments.length > 0 && (
            <section>
              <h2 className="mb-2 text-xl">{t('payments.list')}</h2>
              <PaymentList payments={now.payments} nowhere={!(now.whom || now.account || now.postalOrder)} />
            </section>
          )}
          <MyOverpayments claim={claim} />
          <Statements claim={claim} number={now.number} />
          {now.others.length > 0 && (
            <section>
              <h2 className="mb-2 text-xl">{t('follow.title')}</h2>
              <FollowUpList followUps={now.others} />
            </section>
          )}
          {isKnown && !give.isSuccess && (
            <details>
              <summary className="min-h-11 cursor-pointer font-semibold text-primary">
                {t('payments.another')}
              </summary>
              <WhereForm give={give} />
            </details>
          )}
        </div>
      )}
    </Page>
  );
}
