import { useMutation } from '@tanstack/react-query';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { type Contact, NO_CONTACT, SafeContactFields } from '../../claim/ContactFields';
import { TextField } from '../../components/Field';
import type { Answers } from '../../facts/answers';
import { useFaults } from '../../facts/Faults';

type Props = { answers: Answers; onChange: (answers: Answers) => void };

/** Where the applicant lives and how they may be reached. The right spelling of an address is offered, never forced. */
export function ContactStep({ answers, onChange }: Props) {
  const { t } = useTranslation();
  const fault = useFaults();
  const contact: Contact = { ...NO_CONTACT, ...(answers.contact as Partial<Contact> | undefined) };
  const change = (what: Partial<Contact>) => onChange({ ...answers, contact: { ...contact, ...what } });
  const spelling = useMutation({
    mutationFn: (body: Schemas['Written']) => take(api.POST('/api/my/address-spelling', { body })),
  });
  const check = () => {
    const { street, houseNumber, postCode } = contact;
    if (street.trim() && /^\d{4}$/.test(postCode)) spelling.mutate({ street, houseNumber, postCode });
  };
  const offered = spelling.data && !spelling.data.exact ? spelling.data.suggestions : [];
  return (
    <>
      <section className="sheet mb-4 space-y-4 p-5">
        <h2 className="text-lg">{t('contact.address')}</h2>
        <div className="flex flex-col gap-4 sm:flex-row">
          <TextField
            id="fact-contact/street"
            error={fault('contact/street') ?? null}
            label={t('contact.street')}
            autoComplete="street-address"
            value={contact.street}
            onChange={(street) => change({ street })}
            onLeave={check}
          />
          <div className="flex gap-4 sm:w-72">
            <TextField
              label={t('contact.houseNumber')}
              value={contact.houseNumber}
              onChange={(houseNumber) => change({ houseNumber })}
              onLeave={check}
            />
            <TextField
              id="fact-contact/postCode"
              error={fault('contact/postCode') ?? null}
              label={t('contact.postCode')}
              inputMode="numeric"
              autoComplete="postal-code"
              value={contact.postCode}
              onChange={(postCode) => change({ postCode })}
              onLeave={check}
            />
          </div>
        </div>
        {offered.length > 0 && (
          <div role="status" className="border-s-4 border-s-warning bg-base-200/60 p-3">
            <p>{t('contact.suggest')}</p>
            <div className="mt-2 flex flex-wrap gap-3">
              {offered.map((each) => (
                <button
                  key={each.street + each.postCode}
                  type="button"
                  className="btn btn-outline btn-primary h-auto min-h-11"
                  onClick={() => {
                    change({ street: each.street, postCode: each.postCode });
                    spelling.reset();
                  }}
                >
                  {each.street} {each.houseNumber}, {each.postCode} {each.place}
                </button>
              ))}
              <button
                type="button"
                className="min-h-11 cursor-pointer font-semibold text-primary"
                onClick={() => spelling.reset()}
              >
                {t('contact.keep')}
              </button>
            </div>
          </div>
        )}
        <div className="max-w-sm">
          <TextField
            id="fact-contact/personNumber"
            error={fault('contact/personNumber') ?? null}
            label={t('contact.personNumber')}
            hint={t('contact.personNumberHint')}
            inputMode="numeric"
            value={contact.personNumber}
            onChange={(personNumber) => change({ personNumber })}
          />
        </div>
      </section>
      <section className="sheet mb-4 space-y-4 p-5">
        <h2 className="text-lg">{t('contact.title')}</h2>
        <p className="quiet">{t('contact.private')}</p>
        <SafeContactFields
          contact={contact}
          onChange={(all) => change(all)}
          error={(field) => fault(field) ?? null}
        />
      </section>
    </>
  );
}
