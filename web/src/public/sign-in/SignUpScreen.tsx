import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import { useSessionChange } from '../../api/session';
import { FormText } from '../../components/FormText';
import { NewPassword } from '../../components/NewPassword';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

export function SignUpScreen() {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '', displayName: '', password: '' } });
  const { signUp } = useSessionChange();
  const from = (useLocation().state as { from?: string } | null)?.from;
  const go = useNavigate();
  const submit = handleSubmit((wish) =>
    signUp.mutate(wish, { onSuccess: () => go(from ?? '/my', { replace: true }) }),
  );
  const known = ['email', 'displayName', 'password'].some((path) => isAbout(signUp.error, path));
  return (
    <Page title={t('account.signUpTitle')}>
      <form onSubmit={submit} className="sheet mx-auto max-w-md space-y-4 p-6" noValidate>
        <h1 className="text-2xl">{t('account.signUpTitle')}</h1>
        <p>{t('account.signUpIntro')}</p>
        <FormText
          control={control}
          name="displayName"
          label={t('account.name')}
          hint={t('account.nameHint')}
          autoComplete="name"
          problem={signUp.error}
        />
        <FormText
          control={control}
          name="email"
          label={t('account.email')}
          type="email"
          autoComplete="username"
          problem={signUp.error}
        />
        <NewPassword control={control} name="password" label={t('account.password')} problem={signUp.error} />
        {!known && <Problem of={signUp.error} />}
        <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={signUp.isPending}>
          {t('signUp')}
        </Press>
        <Link to="/sign-in" state={{ from }} className="inline-flex min-h-11 items-center">
          {t('account.haveAccount')}
        </Link>
      </form>
    </Page>
  );
}
