import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { api, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { SimulatedMail } from '../../components/SimulatedMail';

/** Asks for a link with which a password can be set anew. */
export function ForgottenScreen() {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { email: '' } });
  const ask = useMutation({
    mutationFn: (body: { email: string }) => take(api.POST('/api/password/forgotten', { body })),
  });
  return (
    <Page title={t('password.forgotten')}>
      <form
        onSubmit={handleSubmit((wish) => ask.mutate(wish))}
        className="sheet mx-auto max-w-md space-y-4 p-6"
        noValidate
      >
        <h1 className="text-2xl">{t('password.forgotten')}</h1>
        <p>{t('password.forgottenWords')}</p>
        <FormText
          control={control}
          name="email"
          label={t('account.email')}
          type="email"
          autoComplete="username"
          required
        />
        <Problem of={ask.error} />
        <p aria-live="polite" className={ask.isSuccess ? 'border-s-4 border-success ps-3' : ''}>
          {ask.isSuccess && t('password.onItsWay')}
        </p>
        {ask.isSuccess && <SimulatedMail to={ask.variables.email} />}
        <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={ask.isPending}>
          {t('password.send')}
        </Press>
        <Link to="/sign-in" className="inline-flex min-h-11 items-center">
          {t('password.toSignIn')}
        </Link>
      </form>
    </Page>
  );
}
