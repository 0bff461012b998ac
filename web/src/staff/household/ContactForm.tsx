import { useMutation, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { type Contact, SafeContactFields } from '../../claim/ContactFields';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

type Props = { claim: string; member: string; contact: Contact; onSaved: string[] };

/** How someone may be reached, in a line; opened, to be changed. */
export function ContactForm({ claim, member, contact, onSaved }: Props) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [now, setNow] = useState(contact);
  const save = useMutation({
    mutationFn: () =>
      take(
        api.PUT('/api/claims/{id}/contacts/{member}', {
          params: { path: { id: claim, member } },
          body: now,
        }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: onSaved });
      void queries.invalidateQueries({ queryKey: ['desk', claim] });
    },
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate();
  };
  const address = [contact.street, contact.houseNumber, contact.postCode].filter(Boolean).join(' ');
  const not = [
    !contact.mayCall && t('contact.notCall'),
    !contact.mayText && t('contact.notText'),
    !contact.mayEmail && t('contact.notEmail'),
    !contact.mayLetter && t('contact.notLetter'),
    contact.safeName && t('contact.asName', { name: contact.safeName }),
    contact.safeTime,
    contact.language && contact.language !== 'en' && t(`contact.speaks.${contact.language}`),
  ].filter(Boolean);
  const line = [address, contact.phone, contact.email].filter(Boolean).join(' · ');
  return (
    <>
      <p className="mt-1">{line || <span className="quiet">{t('contact.nothing')}</span>}</p>
      {not.length > 0 && (
        <p className="font-semibold text-error">
          <span aria-hidden="true">▲ </span>
          {not.join(' · ')}
        </p>
      )}
      <details className="mt-1">
        <summary className="cursor-pointer font-semibold text-primary">{t('contact.change')}</summary>
        <form onSubmit={submit} className="mt-2 space-y-3">
          <SafeContactFields
            contact={now}
            onChange={setNow}
            error={(field) => (isAbout(save.error, field) ? (save.error?.message ?? '') : null)}
          />
          <Problem of={save.error} />
          <Press type="submit" className="btn btn-primary h-auto min-h-9 " busy={save.isPending}>
            {t('contact.save')}
          </Press>
        </form>
      </details>
    </>
  );
}
