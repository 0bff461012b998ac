import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import type { Schemas } from '../../api/client';
import { isStaff, useSession, useSessionChange } from '../../api/session';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { SetUpStep } from '../../components/SetUpStep';
import { SecondStep } from './SecondStep';

/** Signing in: with the password, and with a second step where there is one. */
export function SignInScreen() {
  const { t } = useTranslation();
  const step = useSession().data?.step;
  const from = (useLocation().state as { from?: string } | null)?.from;
  const go = useNavigate();
  const enter = (now: Schemas['Session']) => {
    if (now.role) void go(from ?? (isStaff(now) ? '/day-sheet' : '/my'), { replace: true });
  };
  return (
    <Page title={t('account.signInTitle')}>
      {!step && <Password from={from} onIn={enter} />}
      {step && !step.setUp && <SecondStep step={step} onIn={enter} />}
      {step?.setUp && (
        <div className="mx-auto max-w-md space-y-4">
          <h1 className="text-2xl">{t('step.setUpTitle')}</h1>
          <p>{t('step.setUpWords')}</p>
          <SetUpStep kinds={['APP']} askPassword={false} onIn={enter} />
        </div>
      )}
    </Page>
  );
}

function Password({ from, onIn }: { from: string | undefined; onIn: (session: Schemas['Session']) => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '', password: '' } });
  const { signIn } = useSessionChange();
  return (
    <form
      onSubmit={handleSubmit((who) => signIn.mutate(who, { onSuccess: onIn }))}
      className="sheet mx-auto max-w-md space-y-4 p-6"
      noValidate
    >
      <h1 className="text-2xl">{t('account.signInTitle')}</h1>
      <FormText
        control={control}
        name="email"
        label={t('account.emailOrName')}
        hint={t('account.emailOrNameHint')}
        inputMode="email"
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
        <Link to="/new-password" className="inline-flex min-h-11 items-center">
          {t('password.haveCode')}
        </Link>
      </p>
    </form>
  );
}
