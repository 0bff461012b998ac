import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, take } from '../../api/client';
import { type Contact, SafeContactFields } from '../../claim/ContactFields';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';

/** How the applicant may be reached; nobody else of the household sees it. */
export function MyContact({ claim }: { claim: string }) {
  const { t } = useTranslation();
  const contact = useQuery({
    queryKey: ['my-contact', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/contact', { params: { path: { id: claim } } })),
  });
  if (!contact.data) return null;
  return (
    <section className="sheet mt-10 max-w-3xl p-5" aria-labelledby="my-contact">
      <h2 id="my-contact" className="text-xl">
        {t('contact.title')}
      </h2>
      <p className="quiet mt-1 mb-4">{t('contact.private')}</p>
      <Form claim={claim} contact={contact.data} />
    </section>
  );
}

function Form({ claim, contact }: { claim: string; contact: Contact }) {
  const { t } = useTranslation();
  const queries = useQueryClient();
  const [now, setNow] = useState(contact);
  const save = useMutation({
    mutationFn: () =>
      take(api.PUT('/api/my/claims/{id}/contact', { params: { path: { id: claim } }, body: now })),
    onSuccess: (saved) => queries.setQueryData(['my-contact', claim], saved),
  });
  const submit = (event: FormEvent) => {
    event.preventDefault();
    save.mutate();
  };
  return (
    <form onSubmit={submit} className="space-y-4" noValidate>
      <SafeContactFields
        contact={now}
        onChange={setNow}
        error={(field) => (isAbout(save.error, field) ? (save.error?.message ?? '') : null)}
      />
      <Problem of={save.error} />
      {save.isSuccess && (
        <p role="status" className="text-success">
          ✓ {t('contact.saved')}
        </p>
      )}
      <Press type="submit" className="btn btn-primary h-auto min-h-11" busy={save.isPending}>
        {t('contact.save')}
      </Press>
    </form>
  );
}
