import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { SimulatedMail } from '../../components/SimulatedMail';
import { ROLES, type StaffRole } from './AccountRow';

/** Makes an account for a colleague, who sets their password by the link that is sent to them. */
export function MakeAccount({ onMade }: { onMade: (all: Schemas['StaffAccount'][]) => void }) {
  const { t } = useTranslation();
  const { control, handleSubmit, register, reset } = useForm({
    defaultValues: { displayName: '', email: '', role: 'CASEWORKER' as StaffRole },
  });
  const make = useMutation({
    mutationFn: (body: Schemas['NewStaff']) => take(api.POST('/api/accounts', { body })),
    onSuccess: (all) => {
      reset();
      onMade(all);
    },
  });
  const known = ['email', 'displayName'].some((path) => isAbout(make.error, path));
  return (
    <form
      className="sheet max-w-2xl space-y-3 p-5"
      onSubmit={handleSubmit((wish) => make.mutate(wish))}
      aria-label={t('accounts.makeTitle')}
      noValidate
    >
      <h2 className="text-xl">{t('accounts.makeTitle')}</h2>
      <FormText control={control} name="displayName" label={t('accounts.fullName')} problem={make.error} />
      <FormText
        control={control}
        name="email"
        label={t('accounts.email')}
        type="email"
        problem={make.error}
      />
      <label className="block">
        <span className="font-semibold">{t('accounts.role')}</span>
        <select className="select mt-1 block w-56" {...register('role')}>
          {ROLES.map((role) => (
            <option key={role} value={role}>
              {t(`role.${role}`)}
            </option>
          ))}
        </select>
      </label>
      {!known && <Problem of={make.error} />}
      <Press type="submit" className="btn btn-primary" busy={make.isPending}>
        {t('accounts.make')}
      </Press>
      <div role="status">
        {make.isSuccess && (
          <>
            <p className="border-s-4 border-success ps-3">
              {t('accounts.made', { email: make.variables.email })}
            </p>
            <SimulatedMail to={make.variables.email} />
          </>
        )}
      </div>
    </form>
  );
}
