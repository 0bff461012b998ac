import { useMutation, useQueryClient } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { NewPassword } from '../../components/NewPassword';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

export function ChangePassword() {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const { control, handleSubmit, reset } = useForm({ defaultValues: { before: '', password: '' } });
  const change = useMutation({
    mutationFn: (body: Schemas['PasswordChange']) => take(api.PUT('/api/account/password', { body })),
    onSuccess: () => {
      reset();
      void queries.invalidateQueries({ queryKey: ['places'] });
    },
  });
  return (
    <form
      onSubmit={handleSubmit((wish) => change.mutate(wish))}
      className="sheet space-y-4 p-5"
      aria-label={t('password.change')}
      noValidate
    >
      <h2 className="text-xl">{t('password.change')}</h2>
      <FormText
        control={control}
        name="before"
        label={t('password.before')}
        type="password"
        autoComplete="current-password"
        problem={change.error}
        required
      />
      <NewPassword control={control} name="password" label={t('password.newOne')} problem={change.error} />
      {!isAbout(change.error, 'before') && !isAbout(change.error, 'password') && (
        <Problem of={change.error} />
      )}
      <p role="status" className={change.isSuccess ? 'border-s-4 border-success ps-3' : ''}>
        {change.isSuccess && t('password.changed')}
      </p>
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={change.isPending}>
        {t('password.change')}
      </Press>
    </form>
  );
}
