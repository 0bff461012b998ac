import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import { useSessionChange } from '../../api/session';
import { TextField } from '../../components/Field';
import { Page } from '../../components/Page';
import { isAbout, Problem } from '../../components/Problem';

export function SignUpScreen() {
  const { t } = useTranslation();
  const [wish, setWish] = useState({ email: '', displayName: '', password: '' });
  const { signUp } = useSessionChange();
  const from = (useLocation().state as { from?: string } | null)?.from;
  const go = useNavigate();
  const submit = (event: FormEvent) => {
    event.preventDefault();
    signUp.mutate(wish, { onSuccess: () => go(from ?? '/my', { replace: true }) });
  };
  const error = (path: string) => (isAbout(signUp.error, path) ? (signUp.error?.message ?? '') : null);
  const known = ['email', 'displayName', 'password'].some((path) => isAbout(signUp.error, path));
  return (
    <Page title={t('account.signUpTitle')}>
      <form onSubmit={submit} className="sheet mx-auto max-w-md space-y-4 p-6" noValidate>
        <h1 className="text-2xl">{t('account.signUpTitle')}</h1>
        <p>{t('account.signUpIntro')}</p>
        <TextField
          label={t('account.name')}
          hint={t('account.nameHint')}
          autoComplete="name"
          value={wish.displayName}
          error={error('displayName')}
          onChange={(displayName) => setWish({ ...wish, displayName })}
        />
        <TextField
          label={t('account.email')}
          type="email"
          autoComplete="username"
          value={wish.email}
          error={error('email')}
          onChange={(email) => setWish({ ...wish, email })}
        />
        <TextField
          label={t('account.password')}
          hint={t('account.passwordHint')}
          type="password"
          autoComplete="new-password"
          value={wish.password}
          error={error('password')}
          onChange={(password) => setWish({ ...wish, password })}
        />
        {!known && <Problem of={signUp.error} />}
        <button type="submit" className="btn btn-primary h-12 w-full" disabled={signUp.isPending}>
          {t('signUp')}
        </button>
        <Link to="/sign-in" state={{ from }} className="inline-flex min-h-11 items-center">
          {t('account.haveAccount')}
        </Link>
      </form>
    </Page>
  );
}
