import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate } from 'react-router';
import { useSessionChange } from '../../api/session';
import { CodeField } from '../../components/CodeField';
import { FormText } from '../../components/FormText';
import { useKept } from '../../components/kept';
import { NewPassword } from '../../components/NewPassword';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { SimulatedMail } from '../../components/SimulatedMail';

type Begun = { token: string; email: string };

/** Making an account: who one is, then the code that was sent to the address. */
export function SignUpScreen() {
  const { t } = useTranslation();
  const [begun, setBegun] = useKept<Begun>('sign-up');
  const from = (useLocation().state as { from?: string } | null)?.from;
  return (
    <Page title={t('account.signUpTitle')}>
      <div hidden={begun !== undefined}>
        <Wish from={from} onBegun={setBegun} />
      </div>
      {begun && <Code begun={begun} from={from} onBack={() => setBegun(undefined)} />}
    </Page>
  );
}

function Wish({ from, onBegun }: { from: string | undefined; onBegun: (begun: Begun) => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '', displayName: '', password: '' } });
  const { signUp } = useSessionChange();
  const submit = handleSubmit((wish) =>
    signUp.mutate(wish, { onSuccess: ({ token }) => onBegun({ token, email: wish.email.trim() }) }),
  );
  const known = ['email', 'displayName', 'password'].some((path) => isAbout(signUp.error, path));
  return (
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
        hint={t('account.emailHint')}
        type="email"
        autoComplete="username"
        problem={signUp.error}
      />
      <NewPassword control={control} name="password" label={t('account.password')} problem={signUp.error} />
      {!known && <Problem of={signUp.error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={signUp.isPending}>
        {t('account.signUpGo')}
      </Press>
      <Link to="/sign-in" state={{ from }} className="inline-flex min-h-11 items-center">
        {t('account.haveAccount')}
      </Link>
    </form>
  );
}

function Code({ begun, from, onBack }: { begun: Begun; from: string | undefined; onBack: () => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { code: '' } });
  const { confirmSignUp } = useSessionChange();
  const go = useNavigate();
  const submit = handleSubmit(({ code }) =>
    confirmSignUp.mutate(
      { token: begun.token, code },
      { onSuccess: () => go(from ?? '/my', { replace: true }) },
    ),
  );
  return (
    <form onSubmit={submit} className="sheet mx-auto max-w-md space-y-4 p-6" noValidate>
      <h1 className="text-2xl">{t('account.codeTitle')}</h1>
      <p>{t('account.codeWords', { email: begun.email })}</p>
      <CodeField control={control} name="code" label={t('step.code')} problem={confirmSignUp.error} />
      {!isAbout(confirmSignUp.error, 'code') && <Problem of={confirmSignUp.error} />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={confirmSignUp.isPending}>
        {t('signUp')}
      </Press>
      <SimulatedMail to={begun.email} />
      <p className="quiet">{t('account.noCode')}</p>
      <button type="button" className="min-h-11 cursor-pointer font-semibold text-primary" onClick={onBack}>
        {t('account.codeBack')}
      </button>
    </form>
  );
}
