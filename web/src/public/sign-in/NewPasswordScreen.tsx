import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { Link, useLocation } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { CodeField } from '../../components/CodeField';
import { NewPassword } from '../../components/NewPassword';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

/** Sets a password, by the link that was sent or the code on paper. */
export function NewPasswordScreen() {
  const { t } = useTranslation();
  const byLink = useLocation().hash.slice(1);
  const { control, handleSubmit } = useForm({ defaultValues: { token: byLink, password: '' } });
  const set = useMutation({
    mutationFn: (body: Schemas['ByLink']) => take(api.POST('/api/password', { body })),
  });
  return (
    <Page title={t('password.new')}>
      <form
        onSubmit={handleSubmit((wish) => set.mutate(wish))}
        className="sheet mx-auto max-w-md space-y-4 p-6"
        noValidate
      >
        <h1 className="text-2xl">{t('password.new')}</h1>
        {set.isSuccess ? (
          <p role="status">{t('password.isSet')}</p>
        ) : (
          <>
            {!byLink && (
              <CodeField
                control={control}
                name="token"
                label={t('password.code')}
                hint={t('password.codeHint')}
                problem={null}
              />
            )}
            <NewPassword control={control} name="password" label={t('password.newOne')} problem={set.error} />
            {!isAbout(set.error, 'password') && <Problem of={set.error} />}
            <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={set.isPending}>
              {t('password.set')}
            </Press>
          </>
        )}
        <p className="flex flex-wrap gap-x-6">
          <Link to="/sign-in" className="inline-flex min-h-11 items-center">
            {t('password.toSignIn')}
          </Link>
          {set.isError && (
            <Link to="/forgotten" className="inline-flex min-h-11 items-center">
              {t('password.another')}
            </Link>
          )}
        </p>
      </form>
    </Page>
  );
}
