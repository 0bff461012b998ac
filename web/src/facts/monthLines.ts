import { type Asked, type Given, isRecord } from './shapes';

const BACK = 12;

/** The twelve months before a day, the last first, and those that stand elsewhere already. */
export function lastMonths(today: Date, others: string[] = []): string[] {
  const last = Array.from({ length: BACK }, (_, i) => {
    const day = new Date(Date.UTC(today.getFullYear(), today.getMonth() - 1 - i, 1));
    return day.toISOString().slice(0, 7);
  });
  return [...new Set([...last, ...others])].sort().reverse();
}

/** The lines of months, whatever stands there. */
export function linesOf(value: unknown): Given[] {
  return Array.isArray(value) ? (value as Given[]) : [];
}

export function monthsIn(record: Given, list: string): string[] {
  const value = record[list];
  return Array.isArray(value) ? (value as string[]) : [];
}

/** The record with something said of a month; with nothing said, without its line. */
export function withLine(asked: Asked, record: Given, month: string, typed: string): Given {
  const part = asked.parts[0]?.path ?? '';
  const rest = linesOf(record[asked.path]).filter((line) => line.month !== month);
  const lines = typed === '' ? rest : [...rest, { month, [part]: typed }];
  lines.sort((one, other) => String(one.month).localeCompare(String(other.month)));
  return { ...record, [asked.path]: lines };
}

/** The record with a month in, or not in, a list beside it. */
export function withMonth(record: Given, list: string, month: string, isIn: boolean): Given {
  const rest = monthsIn(record, list).filter((each) => each !== month);
  return { ...record, [list]: isIn ? [...rest, month].sort() : rest };
}

/** What was said of months, or of the parts of a record, as single answers; the rest as it is. */
export function flat(asked: Asked[], given: Given): Record<string, string> {
  return Object.fromEntries(asked.flatMap((each) => flatOne(each, given[each.path])));
}

function flatOne(asked: Asked, value: unknown): [string, string][] {
  if (asked.widget === 'MONTHS')
    return linesOf(value).map((line) => [
      `${asked.path}/${line.month}`,
      String(line[asked.parts[0]?.path ?? '']),
    ]);
  if (isRecord(value))
    return Object.entries(value).map(([part, answer]) => [`${asked.path}/${part}`, String(answer)]);
  return value === undefined ? [] : [[asked.path, String(value)]];
}

/** Single answers as lines of months, or as records, again. */
export function unflat(asked: Asked[], answers: Record<string, string>): Given {
  return Object.fromEntries(
    asked.flatMap((each): [string, unknown][] => {
      const within = Object.entries(answers)
        .filter(([path]) => path.startsWith(`${each.path}/`))
        .map(([path, value]): [string, string] => [path.slice(each.path.length + 1), value]);
      if (within.length === 0)
        return answers[each.path] === undefined ? [] : [[each.path, answers[each.path]]];
      return [
        [
          each.path,
          each.widget === 'MONTHS'
            ? within.map(([month, value]) => ({ month, [each.parts[0]?.path ?? '']: value }))
            : Object.fromEntries(within),
        ],
      ];
    }),
  );
}
