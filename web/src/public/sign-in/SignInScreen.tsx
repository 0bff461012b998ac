import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import { isStaff, useSessionChange } from '../../api/session';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';

export function SignInScreen() {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '', password: '' } });
  const { signIn } = useSessionChange();
  const from = (useLocation().state as { from?: string } | null)?.from;
  const go = useNavigate();
  const submit = handleSubmit((who) =>
    signIn.mutate(who, {
      onSuccess: (now) => go(from ?? (isStaff(now) ? '/day-sheet' : '/my'), { replace: true }),
    }),
  );
  return (
    <Page title={t('account.signInTitle')}>
      <form onSubmit={submit} className="sheet mx-auto max-w-md space-y-4 p-6" noValidate>
        <h1 className="text-2xl">{t('account.signInTitle')}</h1>
        <FormText
          control={control}
          name="email"
          label={t('account.email')}
          type="email"
          autoComplete="username"
          required
        />
        <FormText
          control={control}
          name="password"
          label={t('account.password')}
          type="password"
          autoComplete="current-password"
          required
        />
        <Problem of={signIn.error} />
        <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={signIn.isPending}>
          {t('signIn')}
        </Press>
        <p className="flex flex-wrap gap-x-6">
          <Link to="/sign-up" state={{ from }} className="inline-flex min-h-11 items-center">
            {t('account.noAccount')}
          </Link>
          <Link to="/forgotten" className="inline-flex min-h-11 items-center">
            {t('password.ask')}
          </Link>
        </p>
      </form>
    </Page>
  );
}
