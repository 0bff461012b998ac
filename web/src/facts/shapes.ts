import type { Schemas } from '../api/client';
import { dayOf } from '../components/days';

/** How a fact is asked for, as the server describes it; everything here follows from its widget, never from its path. */
export type Asked = Omit<Schemas['Asked'], 'hint' | 'when' | 'parts' | 'options'> & {
  hint?: string;
  options: Option[];
  when?: Schemas['Condition'];
  parts: Asked[];
};

/** An answer to choose, with a word of what it means and an example of a week where there is one. */
export type Option = Omit<Schemas['Option'], 'hint' | 'week'> & { hint?: string; week?: number[] };

/** Answers that stand in one record, by the path of their question. */
export type Given = { [path: string]: unknown };

/** What can be wrong with one answer. */
export type FaultCode = 'missing' | 'amount' | 'hours' | 'day' | 'month' | 'number' | 'line' | 'postCode';

/** "1.234,5" and "1234.5" as the case file writes amounts; what is no amount stays as it was typed. */
export function amountOf(typed: string): string {
  const plain = typed.trim().replace(/[€\s]/g, '');
  const comma = plain.lastIndexOf(',');
  const point = plain.lastIndexOf('.');
  const decimal = Math.max(comma, point);
  const isDecimal = decimal >= 0 && plain.length - decimal - 1 <= 2;
  const whole = (isDecimal ? plain.slice(0, decimal) : plain).replace(/[.,]/g, '');
  const cents = isDecimal ? plain.slice(decimal + 1) : '';
  return /^-?\d+$/.test(whole) && /^\d*$/.test(cents) ? `${whole}.${cents.padEnd(2, '0')}` : typed;
}

/** "7,5" and "7½" as the case file writes hours; what is no number of hours stays as it was typed. */
export function hoursOf(typed: string): string {
  const plain = typed.trim().replace(',', '.').replace('½', '.5').replace('¼', '.25').replace('¾', '.75');
  return /^\d*\.?\d+$/.test(plain) && plain.length <= 8 ? String(Number(plain)) : plain;
}

const MONTHS = ['jan', 'feb', 'mar', 'apr', 'may', 'jun', 'jul', 'aug', 'sep', 'oct', 'nov', 'dec'];

/** "August 2026", "8/2026" and "2026-08" as the case file writes months; undefined when it is none. */
export function monthOf(typed: string): string | undefined {
  const text = typed.trim().toLowerCase();
  const iso = /^(\d{4})-(\d{1,2})$/.exec(text);
  const figures = /^(\d{1,2})[./\s-]+(\d{4})$/.exec(text);
  const words = /^(\p{L}{3,9})\.?\s+(\d{4})$/u.exec(text);
  const year = iso?.[1] ?? figures?.[2] ?? words?.[2];
  const month = Number(iso?.[2] ?? figures?.[1] ?? MONTHS.indexOf((words?.[1] ?? '').slice(0, 3)) + 1);
  return year && month >= 1 && month <= 12 ? `${year}-${String(month).padStart(2, '0')}` : undefined;
}

/** What was typed in the form in which case files carry it; what cannot be read stays as it was typed. */
export function readAs(widget: Asked['widget'], typed: string): unknown {
  const text = typed.trim();
  if (text === '') return undefined;
  switch (widget) {
    case 'AMOUNT':
      return amountOf(text);
    case 'DATE':
      return dayOf(text) ?? typed;
    case 'MONTH':
      return monthOf(text) ?? typed;
    case 'HOURS':
      return hoursOf(text);
    case 'NUMBER':
      return /^\d+$/.test(text) ? Number(text) : typed;
    default:
      return typed;
  }
}

/** Whether a question is asked, given the other answers of its record and whose record it is. */
export function isAsked(asked: Asked, record: Given): boolean {
  const relationship = record.relationship;
  if (typeof relationship === 'string' && asked.notOf.some((each) => each === relationship)) return false;
  if (!asked.when) return true;
  const value = asked.when.path
    .split('/')
    .reduce<unknown>((at, step) => (isRecord(at) ? at[step] : undefined), record);
  const { oneOf } = asked.when;
  return oneOf.includes('true') ? Boolean(value) : oneOf.includes(String(value ?? 'false'));
}

/** What is wrong with a single answer; what is within groups and lines is looked at by `faultsOf`. */
export function faultOf(asked: Asked, value: unknown): FaultCode | undefined {
  if (isBlank(value)) return asked.required && MUST_BE_SAID.includes(asked.widget) ? 'missing' : undefined;
  const text = String(value);
  switch (asked.widget) {
    case 'AMOUNT':
      return /^-?\d+\.\d{2}$/.test(amountOf(text)) ? undefined : 'amount';
    case 'DATE':
      return dayOf(text) ? undefined : 'day';
    case 'MONTH':
      return monthOf(text) ? undefined : 'month';
    case 'HOURS':
      return /^\d+(\.\d{1,2})?$/.test(hoursOf(text)) ? undefined : 'hours';
    case 'NUMBER':
      return /^\d+$/.test(text) ? undefined : 'number';
    default:
      return undefined;
  }
}

/** A tick that is not set says no, and a choice of several may be none; the rest is open until something is said. */
const MUST_BE_SAID: Asked['widget'][] = [
  'TEXT',
  'NUMBER',
  'AMOUNT',
  'HOURS',
  'DATE',
  'MONTH',
  'CHOICE',
  'ROWS',
  'PERIODS',
  'NAMES',
  'ZONE',
  'PHOTO',
];

export function isBlank(value: unknown): boolean {
  return (
    value === undefined ||
    value === null ||
    (typeof value === 'string' && value.trim() === '') ||
    (Array.isArray(value) && value.length === 0)
  );
}

export function isRecord(value: unknown): value is Given {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
