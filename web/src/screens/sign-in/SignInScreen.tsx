import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import { isStaff, useSessionChange } from '../../api/session';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';

export function SignInScreen() {
  const { t } = useTranslation();
  const [email, setEmail] = useState('');
  const [password, setPassword] = useState('');
  const { signIn } = useSessionChange();
  const from = (useLocation().state as { from?: string } | null)?.from;
  const go = useNavigate();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signIn.mutate(
      { email, password },
      { onSuccess: (who) => go(from ?? (isStaff(who) ? '/day-sheet' : '/my'), { replace: true }) },
    );
  };
  return (
    <Page title={t('account.signInTitle')}>
      <form onSubmit={submit} className="sheet mx-auto max-w-md space-y-4 p-6">
        <h1 className="text-2xl">{t('account.signInTitle')}</h1>
        <TextField
          label={t('account.email')}
          type="email"
          autoComplete="username"
          value={email}
          onChange={setEmail}
        />
        <TextField
          label={t('account.password')}
          type="password"
          autoComplete="current-password"
          value={password}
          onChange={setPassword}
        />
        <Problem of={signIn.error} />
        <button type="submit" className="btn btn-primary h-12 w-full" disabled={signIn.isPending}>
          {t('signIn')}
        </button>
        <Link to="/sign-up" state={{ from }} className="inline-flex min-h-11 items-center">
          {t('account.noAccount')}
        </Link>
      </form>
    </Page>
  );
}
