import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useParams } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { FollowUpList } from '../../claim/FollowUpList';
import { PaymentList } from '../../claim/PaymentList';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { MyOverpayments } from './MyOverpayments';
import { Statements } from './Statements';

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
    mutationFn: (account: Schemas['Account']) =>
      take(api.PUT('/api/my/claims/{id}/account', { params: { path }, body: account })),
    onSuccess: (now) => {
      queries.setQueryData(key, now);
      void queries.invalidateQueries({ queryKey: ['my'] });
    },
  });
  const now = following.data;
  return (
    <Page title={t('payments.title')}>
      <p>
        <Link to="/my">{t('papers.back')}</Link>
      </p>
      <h1 className="mt-1 text-3xl">{t('payments.title')}</h1>
      <Problem of={following.error} />
      {now && (
        <div className="mt-4 max-w-3xl space-y-6">
          <p>{t('payments.intro', { number: now.number })}</p>
          {give.isSuccess && (
            <p className="font-semibold text-success" role="status">
              <span aria-hidden="true">✓ </span>
              {t('payments.given', { account: now.account })}
            </p>
          )}
          {now.account && !give.isSuccess && (
            <p>{t('payments.goesTo', { account: now.account, holder: now.holder })}</p>
          )}
          {now.whom && <p>{t('payments.paidTo', { whom: now.whom })}</p>}
          {!now.account && !now.whom && <AccountForm title={t('payments.which')} give={give} />}
          {now.payments.length > 0 && (
            <section>
              <h2 className="mb-2 text-xl">{t('payments.list')}</h2>
              <PaymentList payments={now.payments} />
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
          {now.account && !give.isSuccess && (
            <details>
              <summary className="min-h-11 cursor-pointer font-semibold text-primary">
                {t('payments.another')}
              </summary>
              <AccountForm title={t('payments.which')} give={give} />
            </details>
          )}
        </div>
      )}
    </Page>
  );
}

type FormProps = {
  title: string;
  give: { mutate: (account: Schemas['Account']) => void; isPending: boolean; error: Error | null };
};

function AccountForm({ title, give }: FormProps) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { iban: '', holder: '' } });
  const atField = isAbout(give.error, 'iban') || isAbout(give.error, 'holder');
  return (
    <form
      className="sheet space-y-4 p-5"
      onSubmit={handleSubmit((account) => give.mutate(account))}
      noValidate
    >
      <h2 className="text-xl">{title}</h2>
      {!atField && <Problem of={give.error} />}
      <FormText
        control={control}
        name="iban"
        label={t('payments.iban')}
        hint={t('payments.ibanHint')}
        problem={give.error}
      />
      <FormText
        control={control}
        name="holder"
        label={t('payments.holder')}
        hint={t('payments.holderHint')}
        autoComplete="name"
        problem={give.error}
      />
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={give.isPending}>
        {t('payments.give')}
      </Press>
    </form>
  );
}
