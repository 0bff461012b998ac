import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { FormText } from '../../components/FormText';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

/** To an account, or as a postal order to an address. */
export type To = Schemas['Account'] | Schemas['PostalOrder'];

type Give = { mutate: (to: To) => void; isPending: boolean; error: Error | null };

/** Asks where the money is to go. */
export function WhereForm({ give }: { give: Give }) {
  const { t } = useTranslation();
  const [byPost, setByPost] = useState(false);
  return (
    <div className="sheet space-y-4 p-5">
      <fieldset>
        <legend className="mb-1 text-xl">{t('payments.way')}</legend>
        {[false, true].map((post) => (
          <label key={String(post)} className="flex min-h-11 cursor-pointer items-center gap-2">
            <input
              type="radio"
              name="way"
              className="radio radio-sm"
              checked={byPost === post}
              onChange={() => setByPost(post)}
            />
            {t(post ? 'payments.byPost' : 'payments.toAccount')}
          </label>
        ))}
      </fieldset>
      {byPost ? <PostalOrderForm give={give} /> : <AccountForm give={give} />}
    </div>
  );
}

function AccountForm({ give }: { give: Give }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({ defaultValues: { iban: '', holder: '' } });
  const atField = isAbout(give.error, 'iban') || isAbout(give.error, 'holder');
  return (
    <form className="space-y-4" onSubmit={handleSubmit((account) => give.mutate(account))} noValidate>
      <h2 className="text-xl">{t('payments.which')}</h2>
      {!atField && <Problem of={give.error} />}
      <FormText
        control={control}
        name="iban"
        label={t('payments.iban')}
        hint={t('payments.ibanHint')}
        problem={give.error}
      />
      <FormText
        control={control}
        name="holder"
        label={t('payments.holder')}
        hint={t('payments.holderHint')}
        autoComplete="name"
        problem={give.error}
      />
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={give.isPending}>
        {t('payments.give')}
      </Press>
    </form>
  );
}

const FIELDS = ['holder', 'street', 'houseNumber', 'postCode'] as const;

function PostalOrderForm({ give }: { give: Give }) {
  const { t } = useTranslation();
  const { control, handleSubmit } = useForm({
    defaultValues: { holder: '', street: '', houseNumber: '', postCode: '' },
  });
  const atField = FIELDS.some((field) => isAbout(give.error, field));
  return (
    <form className="space-y-4" onSubmit={handleSubmit((order) => give.mutate(order))} noValidate>
      {!atField && <Problem of={give.error} />}
      <FormText
        control={control}
        name="holder"
        label={t('payments.receiver')}
        autoComplete="name"
        problem={give.error}
      />
      <FormText control={control} name="street" label={t('contact.street')} problem={give.error} />
      <div className="flex gap-4">
        <FormText
          control={control}
          name="houseNumber"
          label={t('contact.houseNumber')}
          problem={give.error}
        />
        <FormText
          control={control}
          name="postCode"
          label={t('contact.postCode')}
          inputMode="numeric"
          problem={give.error}
        />
      </div>
      <Press type="submit" className="btn btn-primary h-auto min-h-12" busy={give.isPending}>
        {t('payments.bring')}
      </Press>
    </form>
  );
}
