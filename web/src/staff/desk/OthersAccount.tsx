import { useMutation } from '@tanstack/react-query';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

type Props = {
  claim: string;
  following: Schemas['Following'];
  onChanged: (now: Schemas['Following']) => void;
};

/** The account of whoever outside the household is paid, taken down once a caseworker has asked them. */
export function OthersAccount({ claim, following, onChanged }: Props) {
  const { t } = useTranslation();
  const { control, handleSubmit, reset } = useForm({ defaultValues: { iban: '', reason: '' } });
  const change = useMutation({
    mutationFn: (wish: Schemas['OthersAccount']) =>
      take(api.PUT('/api/claims/{id}/account', { params: { path: { id: claim } }, body: wish })),
    onSuccess: (now) => {
      reset();
      onChanged(now);
    },
  });
  const isWanted = !following.account || following.payments.some((each) => each.state === 'RETURNED');
  const atField = isAbout(change.error, 'iban') || isAbout(change.error, 'reason');
  return (
    <details open={isWanted}>
      <summary className="cursor-pointer font-semibold text-primary">
        {t('payments.othersAccount', { whom: following.whom })}
      </summary>
      <form
        className="mt-2 flex flex-wrap items-end gap-3"
        onSubmit={handleSubmit((wish) => change.mutate(wish))}
      >
        {!atField && <Problem of={change.error} />}
        <FormText control={control} name="iban" label={t('payments.iban')} problem={change.error} />
        <FormText control={control} name="reason" label={t('payments.howKnown')} problem={change.error} />
        <Press type="submit" className="btn btn-primary h-auto min-h-11" busy={change.isPending}>
          {t('payments.payThere')}
        </Press>
      </form>
    </details>
  );
}
