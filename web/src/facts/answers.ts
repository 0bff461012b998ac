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
