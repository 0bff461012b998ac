import { useMutation } from '@tanstack/react-query';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';

/** An applicant closes their account: what that means first, then the password. */
export function CloseAccount() {
  const { t } = useTranslation();
  const [isOpen, setOpen] = useState(false);
  return (
    <section className="sheet space-y-3 p-5" aria-labelledby="close-account">
      <h2 id="close-account" className="text-xl">
        {t('own.close')}
      </h2>
      <p>{t('own.closeWords')}</p>
      {isOpen ? (
        <Close onClose={() => setOpen(false)} />
      ) : (
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-error"
          onClick={() => setOpen(true)}
        >
          {t('own.close')} …
        </button>
      )}
    </section>
  );
}

function Close({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  const panel = useOpened<HTMLFormElement>(onClose);
  const { control, handleSubmit } = useForm({ defaultValues: { password: '' } });
  const close = useMutation({
    mutationFn: (body: { password: string }) => take(api.POST('/api/account/close', { body })),
    onSuccess: () => window.location.assign('/'),
  });
  return (
    <form
      ref={panel}
      onSubmit={handleSubmit((proof) => close.mutate(proof))}
      className="space-y-4"
      noValidate
    >
      <FormText
        control={control}
        name="password"
        label={t('step.password')}
        type="password"
        autoComplete="current-password"
        problem={close.error}
        required
      />
      {!isAbout(close.error, 'password') && <Problem of={close.error} />}
      <p className="flex flex-wrap gap-x-6">
        <Press type="submit" className="btn btn-error h-auto min-h-12" busy={close.isPending}>
          {t('own.closeNow')}
        </Press>
        <button
          type="button"
          className="min-h-11 cursor-pointer font-semibold text-primary"
          onClick={onClose}
        >
          {t('own.keep')}
        </button>
      </p>
    </form>
  );
}
