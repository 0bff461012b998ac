import i18next from 'i18next';
import { initReactI18next } from 'react-i18next';
import { en } from './en';

void i18next
  .use(initReactI18next)
  .init({ lng: 'en', resources: { en: { translation: en } }, interpolation: { escapeValue: false } });

/** Whom people can call, as this office says it. */
export function tellOffice(office: { telephone: string; hours: string }) {
  i18next.addResources('en', 'translation', { 'help.number': office.telephone, 'help.hours': office.hours });
}

const EUROS = new Intl.NumberFormat('en', { style: 'currency', currency: 'EUR' });

/** An amount of the case file as people read it: €25,125.00; a text that is none stays as it is. */
export function amountText(amount: string): string {
  return /^-?\d+(\.\d+)?$/.test(amount) ? EUROS.format(amount as `${number}`).replace('-', '−') : amount;
}

/** A date as people read it: 3 December 2026, or with its weekday Thu 3 December; a text that is none stays as it is. */
export function dateText(iso: string, style: 'long' | 'weekday' = 'long'): string {
  const options: Intl.DateTimeFormatOptions =
    style === 'long'
      ? { day: 'numeric', month: 'long', year: 'numeric' }
      : { weekday: 'short', day: 'numeric', month: 'long' };
  const date = new Date(`${iso}T00:00:00Z`);
  return Number.isNaN(date.getTime())
    ? iso
    : new Intl.DateTimeFormat('en-GB', { ...options, timeZone: 'UTC' }).format(date);
}

/** The days of a week from Monday, in short. */
export function weekdays(): string[] {
  const monday = Date.UTC(2024, 0, 1);
  const short = new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' });
  return Array.from({ length: 7 }, (_, day) => short.format(new Date(monday + day * 86_400_000)));
}

/** A month as people read it: August 2026; a text that is none stays as it is. */
export function monthText(iso: string): string {
  const date = new Date(`${iso}-01T00:00:00Z`);
  return Number.isNaN(date.getTime())
    ? iso
    : new Intl.DateTimeFormat('en-GB', { month: 'long', year: 'numeric', timeZone: 'UTC' }).format(date);
}

/** A moment as people read it, in agency time: 3 Dec, 14:05. */
export function momentText(iso: string): string {
  return new Intl.DateTimeFormat('en-GB', {
    day: 'numeric',
    month: 'short',
    hour: '2-digit',
    minute: '2-digit',
    timeZone: 'Atlantic/Azores',
  }).format(new Date(iso));
}

export default i18next;
