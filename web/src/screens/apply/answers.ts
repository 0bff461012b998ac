/** The answers of a draft: a case file in the making, as the server keeps it. */
export type Answers = {
  members?: Person[];
  incomes?: Income[];
  noIncomeDeclared?: string[];
  [path: string]: unknown;
};
export type Person = {
  id: string;
  givenName?: string;
  familyName?: string;
  dateOfBirth?: string;
  relationship?: string;
  [path: string]: unknown;
};
export type Income = {
  id: string;
  member: string;
  kind?: string;
  amount?: string;
  frequency?: string;
  employer?: string;
};

const ADULT_FROM = 18;

/** Only decides whom to ask about income; who counts as an adult is for the rules to say. */
export function isGrownUp(person: Person, today = new Date()): boolean {
  if (!person.dateOfBirth) return person.relationship === 'SELF';
  const turns = new Date(`${person.dateOfBirth}T00:00:00Z`);
  turns.setUTCFullYear(turns.getUTCFullYear() + ADULT_FROM);
  return turns <= today;
}

export function nameOf(person: Person): string {
  return [person.givenName, person.familyName].filter(Boolean).join(' ');
}

/** An id that no line has yet. */
export function newId(prefix: string, taken: { id: string }[]): string {
  for (let i = 1; ; i++) {
    if (!taken.some((each) => each.id === `${prefix}${i}`)) return `${prefix}${i}`;
  }
}

/** Leaves out fields that are empty, so that "not given" looks the same everywhere. */
export function withoutBlanks<T extends object>(record: T): T {
  return Object.fromEntries(
    Object.entries(record).filter(([, value]) => value !== '' && value !== undefined),
  ) as T;
}

/** "1.234,5" and "1234.5" as the case file writes amounts; what is no amount stays as it is, for the server to say so. */
export function amountOf(typed: string): string {
  const plain = typed.trim().replace(/[€\s]/g, '');
  const comma = plain.lastIndexOf(',');
  const point = plain.lastIndexOf('.');
  const decimal = Math.max(comma, point);
  const isDecimal = decimal >= 0 && plain.length - decimal - 1 <= 2;
  const whole = (isDecimal ? plain.slice(0, decimal) : plain).replace(/[.,]/g, '');
  const cents = isDecimal ? plain.slice(decimal + 1) : '';
  return /^-?\d+$/.test(whole) ? `${whole}.${cents.padEnd(2, '0')}` : typed;
}
