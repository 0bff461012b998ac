import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { CheckField, LongTextField, SelectField, TextField } from '../components/Field';

export type Contact = Schemas['Contact'];

export const NO_CONTACT: Contact = {
  street: '',
  houseNumber: '',
  postCode: '',
  abroad: '',
  personNumber: '',
  email: '',
  phone: '',
  mayLetter: false,
  mayEmail: false,
  mayText: false,
  mayCall: false,
  safeName: '',
  safeTime: '',
  language: '',
};

const LANGUAGES = ['en', 'pt', 'ar'];

type Props = {
  contact: Contact;
  onChange: (contact: Contact) => void;
  error?: (field: string) => string | null;
};

/** How someone may be reached, and by which name and when it is safe. */
export function SafeContactFields({ contact, onChange, error }: Props) {
  const { t } = useTranslation();
  const change = (what: Partial<Contact>) => onChange({ ...contact, ...what });
  return (
    <>
      <div className="flex flex-col gap-4 sm:flex-row">
        <TextField
          id="fact-contact/phone"
          label={t('contact.phone')}
          hint={t('contact.phoneHint')}
          inputMode="tel"
          autoComplete="tel"
          value={contact.phone}
          error={error?.('contact/phone')}
          onChange={(phone) => change({ phone })}
        />
        <TextField
          id="fact-contact/email"
          label={t('contact.email')}
          hint={t('contact.emailHint')}
          inputMode="email"
          autoComplete="email"
          value={contact.email}
          error={error?.('contact/email')}
          onChange={(email) => change({ email })}
        />
      </div>
      <details open={contact.abroad !== '' || Boolean(error?.('contact/abroad'))}>
        <summary className="min-h-11 cursor-pointer py-2.5 font-semibold text-primary">
          {t('contact.abroadToo')}
        </summary>
        <LongTextField
          id="fact-contact/abroad"
          label={t('contact.abroad')}
          hint={t('contact.abroadHint')}
          rows={4}
          value={contact.abroad}
          error={error?.('contact/abroad') ?? null}
          onChange={(abroad) => change({ abroad })}
        />
      </details>
      <fieldset>
        <legend className="mb-1 font-semibold">{t('contact.may')}</legend>
        <div className="grid gap-x-6 sm:grid-cols-2">
          <CheckField
            label={t('contact.mayEmail')}
            checked={contact.mayEmail ?? false}
            onChange={(mayEmail) => change({ mayEmail })}
          />
          <CheckField
            label={t('contact.mayText')}
            checked={contact.mayText ?? false}
            onChange={(mayText) => change({ mayText })}
          />
          <CheckField
            label={t('contact.mayCall')}
            checked={contact.mayCall ?? false}
            onChange={(mayCall) => change({ mayCall })}
          />
          <CheckField
            label={t('contact.mayLetter')}
            checked={contact.mayLetter ?? false}
            onChange={(mayLetter) => change({ mayLetter })}
          />
        </div>
      </fieldset>
      <div className="flex flex-col gap-4 sm:flex-row">
        <TextField
          label={t('contact.safeName')}
          hint={t('contact.safeNameHint')}
          value={contact.safeName}
          onChange={(safeName) => change({ safeName })}
        />
        <TextField
          label={t('contact.safeTime')}
          hint={t('contact.safeTimeHint')}
          value={contact.safeTime}
          onChange={(safeTime) => change({ safeTime })}
        />
      </div>
      <SelectField
        label={t('contact.language')}
        hint={t('contact.languageHint')}
        value={contact.language}
        onChange={(language) => change({ language })}
        options={LANGUAGES.map((value) => ({ value, label: t(`contact.languages.${value}`) }))}
      />
    </>
  );
}
