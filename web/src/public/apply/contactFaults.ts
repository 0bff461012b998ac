import type { useTranslation } from 'react-i18next';
import type { Contact } from '../../claim/ContactFields';
import type { Answers } from '../../facts/answers';
import type { Fault } from '../../facts/faultsOf';

const POST_CODE = /^\d{4}$/;

/** What is missing of an address that was begun; an address may be left out altogether. */
export function contactFaults(answers: Answers, t: ReturnType<typeof useTranslation>['t']): Fault[] {
  const contact = (answers.contact ?? {}) as Partial<Contact>;
  const given = (value: string | undefined) => Boolean(value?.trim());
  if (![contact.street, contact.houseNumber, contact.postCode].some(given)) return [];
  const fault = (field: string, label: string, code: Fault['code']): Fault => ({
    path: `contact/${field}`,
    label,
    whose: '',
    code,
  });
  return [
    ...(given(contact.street) ? [] : [fault('street', t('contact.street'), 'missing')]),
    ...(POST_CODE.test(contact.postCode?.trim() ?? '')
      ? []
      : [fault('postCode', t('contact.postCode'), given(contact.postCode) ? 'postCode' : 'missing')]),
  ];
}
