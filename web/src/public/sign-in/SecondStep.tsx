import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { useSessionChange } from '../../api/session';
import { CodeField } from '../../components/CodeField';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { SimulatedMail } from '../../components/SimulatedMail';

type Props = { step: Schemas['Step']; onIn: (session: Schemas['Session']) => void };

/** The second step of signing in: a code that an app shows or that was sent, or a recovery code. */
export function SecondStep({ step, onIn }: Props) {
  const { t } = useTranslation();
  const { control, handleSubmit, setValue } = useForm({ defaultValues: { code: '' } });
  const { giveCode, signOut } = useSessionChange();
  const again = useMutation({ mutationFn: () => take(api.POST('/api/session/code/again')) });
  const { shown } = step;
  return (
    <form
      onSubmit={handleSubmit(({ code }) => giveCode.mutate(code, { onSuccess: onIn }))}
      className="sheet mx-auto max-w-md space-y-4 p-6"
      noValidate
    >
      <h1 className="text-2xl">{t('step.title')}</h1>
      <p>{t(`step.words.${step.kind ?? 'APP'}`, { where: step.where })}</p>
      <CodeField
        control={control}
        name="code"
        label={t('step.code')}
        hint={t('step.codeHint')}
        problem={giveCode.error}
      />
      {shown && (
        <div className="border-s-4 border-base-300 ps-3 text-sm">
          <p>{t('step.demo')}</p>
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-primary tabular-nums"
            onClick={() => setValue('code', shown)}
          >
            {t('step.useShown', { code: shown })}
          </button>
        </div>
      )}
      {!isAbout(giveCode.error, 'code') && <Problem of={giveCode.error} />}
      <Problem of={again.error} />
      {step.kind && step.kind !== 'APP' && <SimulatedMail to="" />}
      <Press type="submit" className="btn btn-primary h-auto min-h-12 w-full" busy={giveCode.isPending}>
        {t('step.go')}
      </Press>
      <p aria-live="polite">{again.isSuccess && t('step.sentAgain')}</p>
      <p className="flex flex-wrap gap-x-6">
        {step.kind && step.kind !== 'APP' && (
          <Press
            className="min-h-11 cursor-pointer font-semibold text-primary"
            busy={again.isPending}
            onClick={() => again.mutate()}
          >
            {t('step.again')}
          </Press>
        )}
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={() => signOut.mutate()}
        >
          {t('step.stop')}
        </button>
      </p>
    </form>
  );
}
