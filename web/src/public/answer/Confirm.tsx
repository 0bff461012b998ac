import { Controller, useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { dayOf } from '../../components/days';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import type { useLinkPage } from './useLinkPage';

type Props = {
  page: Schemas['LinkPage'];
  confirm: ReturnType<typeof useLinkPage>['confirm'];
  code: ReturnType<typeof useLinkPage>['code'];
};

/** Says who one is, before anything is told. */
export function Confirm({ page, confirm, code }: Props) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { born: '', proof: '' } });
  const wrong = confirm.data?.right === false;
  return (
    <form
      className="sheet space-y-4 p-5"
      onSubmit={handleSubmit((who) => confirm.mutate({ ...who, born: dayOf(who.born) ?? who.born }))}
    >
      <div>
        <h2 className="text-xl">{t('answer.confirm.title')}</h2>
        <p className="quiet">{t('answer.confirm.why')}</p>
      </div>
      <Problem of={confirm.error ?? code.error} />
      {wrong && <Problem of={t('answer.confirm.wrong', { count: page.triesLeft })} />}
      <Controller
        name="born"
        control={control}
        rules={{ validate: (day) => dayOf(day) !== undefined }}
        render={({ field, fieldState }) => (
          <DayField
            label={t('answer.confirm.born')}
            value={field.value}
            onChange={field.onChange}
            error={fieldState.error ? t('day.unread') : null}
          />
        )}
      />
      {page.byCode && (
        <div>
          <Press
            type="button"
            className="btn btn-outline btn-primary h-auto min-h-11"
            busy={code.isPending}
            onClick={() => code.mutate()}
          >
            {t('answer.confirm.sendCode')}
          </Press>
          {code.isSuccess && (
            <p role="status" className="mt-2">
              {t('answer.confirm.codeSent')}
            </p>
          )}
        </div>
      )}
      <FormText
        control={control}
        name="proof"
        label={t(page.byCode ? 'answer.confirm.code' : 'answer.confirm.last4')}
        hint={page.byCode ? t('answer.confirm.codeHint') : null}
        inputMode="numeric"
        autoComplete="off"
        required
      />
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={confirm.isPending}>
        {t('answer.confirm.go')}
      </Press>
    </form>
  );
}
