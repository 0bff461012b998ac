import { dateText } from '../i18n';

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];
const ISO = /^\d{4}-\d{2}-\d{2}$/;

/**
 * A day as people write it, day before month, as the case file has it: "2.4.1990", "02/04/1990", "2 April 1990" and
 * "02041990" are 1990-04-02. Undefined for what is no day.
 */
export function dayOf(typed: string): string | undefined {
  const text = typed.trim().toLowerCase();
  if (ISO.test(text)) return existing(text.slice(0, 4), text.slice(5, 7), text.slice(8));
  const eight = /^(\d{2})(\d{2})(\d{4})$/.exec(text);
  const parts = eight ? eight.slice(1) : text.split(/[\s./,-]+/).filter(Boolean);
  const [day = '', month = '', year = ''] = parts;
  const named = MONTHS.indexOf(month.slice(0, 3)) + 1;
  return parts.length === 3 ? existing(year, String(named || month), day) : undefined;
}

/** A day of the case file as people read it; anything else as it is. */
export function dayText(value: string): string {
  return dayOf(value) === value ? dateText(value) : value;
}

function existing(year: string, month: string, day: string): string | undefined {
  if (!/^\d{4}$/.test(year) || !/^\d{1,2}$/.test(month) || !/^\d{1,2}$/.test(day)) return undefined;
  const iso = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`;
  const date = new Date(`${iso}T00:00:00Z`);
  return !Number.isNaN(date.getTime()) && date.toISOString().startsWith(iso) ? iso : undefined;
}
