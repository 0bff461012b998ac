import { isRecord } from './shapes';

/** An answer that was given two ways at the same time. */
export type Clash = {
  /** Leads to its field. */
  path: string;
  here: unknown;
  there: unknown;
};

/**
 * What was answered here and, meanwhile, elsewhere, on top of what both began with: each change is kept. Where both
 * changed the same answer the one given here stands, and is told.
 */
export function mergeAnswers<T extends object>(base: T, here: T, there: T): { answers: T; clashes: Clash[] } {
  const clashes: Clash[] = [];
  const answers = merge(base, here, there, '', clashes);
  return { answers: answers as T, clashes };
}

function merge(base: unknown, here: unknown, there: unknown, path: string, clashes: Clash[]): unknown {
  if (same(here, there) || same(there, base)) return here;
  if (same(here, base)) return there;
  if (isRecord(here) && isRecord(there))
    return mergeRecords(isRecord(base) ? base : {}, here, there, path, clashes);
  if (isNamed(here) && isNamed(there)) {
    const [was, mine, theirs] = [isNamed(base) ? byId(base) : {}, byId(here), byId(there)];
    return Object.values(mergeRecords(was, mine, theirs, path, clashes));
  }
  clashes.push({ path, here, there });
  return here;
}

type Fields = Record<string, unknown>;

function mergeRecords(base: Fields, here: Fields, there: Fields, path: string, clashes: Clash[]): Fields {
  const merged: Fields = {};
  for (const name of new Set([...Object.keys(there), ...Object.keys(here)])) {
    const within = path ? `${path}/${name}` : name;
    const value = merge(base[name], here[name], there[name], within, clashes);
    if (value !== undefined) merged[name] = value;
  }
  return merged;
}

type Named = { id: string }[];

/** Lines that each have an id of their own. */
function isNamed(value: unknown): value is Named {
  return (
    Array.isArray(value) &&
    value.length > 0 &&
    value.every((each) => isRecord(each) && typeof each.id === 'string')
  );
}

const byId = (lines: Named): Fields => Object.fromEntries(lines.map((line) => [line.id, line]));

const same = (one: unknown, other: unknown) => JSON.stringify(one) === JSON.stringify(other);

/** The same answers with another value at a path, as a clash names it. */
export function withAnswer<T extends object>(answers: T, path: string, value: unknown): T {
  return set(answers, path.split('/'), value) as T;
}

function set(at: unknown, [name = '', ...rest]: string[], value: unknown): unknown {
  if (Array.isArray(at))
    return at.map((each) =>
      isRecord(each) && each.id === name ? (rest.length > 0 ? set(each, rest, value) : value) : each,
    );
  const record = isRecord(at) ? at : {};
  return { ...record, [name]: rest.length > 0 ? set(record[name], rest, value) : value };
}
