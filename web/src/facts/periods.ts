import type { Given } from './shapes';

const DAY = 86_400_000;

/** Days from the first to the last, both included, as numbers of days since 1970. */
export type Span = { from: number; to: number };

const dayNumber = (iso: string) => Math.round(Date.parse(`${iso}T00:00:00Z`) / DAY);

/** A number of days since 1970 as a day of the case file. */
export const isoOf = (day: number) => new Date(day * DAY).toISOString().slice(0, 10);

/** The years that end with the day before one. */
export function yearsBefore(today: string, years: number): Span {
  const begin = `${Number(today.slice(0, 4)) - years}${today.slice(4)}`;
  const from = Number.isNaN(dayNumber(begin))
    ? dayNumber(begin.replace('-02-29', '-03-01'))
    : dayNumber(begin);
  return { from, to: dayNumber(today) - 1 };
}

/** The periods that can be drawn, each cut to what is looked at; one that says no end goes on. */
export function spansOf(rows: Given[], within: Span): Span[] {
  return rows
    .map((row) => ({
      from: Math.max(within.from, dayNumber(String(row.from ?? ''))),
      to: Math.min(within.to, row.to ? dayNumber(String(row.to)) : within.to),
    }))
    .filter((span) => span.from <= span.to);
}

/** What no period covers, in order. */
export function gapsOf(spans: Span[], within: Span): Span[] {
  const gaps: Span[] = [];
  let next = within.from;
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    if (span.from > next) gaps.push({ from: next, to: span.from - 1 });
    next = Math.max(next, span.to + 1);
  }
  if (next <= within.to) gaps.push({ from: next, to: within.to });
  return gaps;
}

/** What more than one period covers, in order. */
export function overlapsOf(spans: Span[]): Span[] {
  const overlaps: Span[] = [];
  let until = Number.NEGATIVE_INFINITY;
  for (const span of [...spans].sort((a, b) => a.from - b.from)) {
    if (span.from <= until) overlaps.push({ from: span.from, to: Math.min(span.to, until) });
    until = Math.max(until, span.to);
  }
  return overlaps;
}
