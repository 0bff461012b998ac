import type { Schemas } from '../api/client';
import type { Asked } from '../facts/shapes';
import { type Given, isAsked, isRecord } from '../facts/shapes';

type Facts = Schemas['PaintedDays'];

/** Whether single days are painted, and not a span. */
export function isSingly(rows: Asked | undefined, record: Given): boolean {
  return rows !== undefined && isAsked(rows, record);
}

/** Whether it is a day that there is, such as 2026-02-28 and not 2026-02-31. */
export function isDay(text: string): boolean {
  if (!/^\d{4}-\d{2}-\d{2}$/.test(text)) return false;
  const day = new Date(`${text}T00:00:00Z`);
  return !Number.isNaN(day.getTime()) && day.toISOString().startsWith(text);
}

/** The single days that are named, in order. */
export function daysOf(facts: Facts, record: Given): string[] {
  return rowsOf(facts, record)
    .map((row) => String(row[facts.day] ?? ''))
    .filter(isDay)
    .sort();
}

/** The record with a span painted. */
export function withSpan(facts: Facts, record: Given, from: string, to: string): Given {
  return { ...record, [facts.from]: from, [facts.to]: to };
}

/**
 * The record with these single days: one that is new has the hours of its weekday, one that stays keeps its own, and
 * the span stretches to hold them all.
 */
export function withDays(facts: Facts, record: Given, days: string[]): Given {
  const before = rowsOf(facts, record);
  const week = isRecord(record[facts.schedule]) ? (record[facts.schedule] as Given) : {};
  const kept = before.filter((row) => days.includes(String(row[facts.day])));
  const added = days
    .filter((day) => !before.some((row) => row[facts.day] === day))
    .map((day) => ({ [facts.day]: day, [facts.hours]: String(week[weekday(day)] ?? '') }));
  const rows = [...kept, ...added].sort((a, b) => String(a[facts.day]).localeCompare(String(b[facts.day])));
  const all = days.length > 0 ? [...days].sort() : [];
  const said = (path: string) => (typeof record[path] === 'string' ? String(record[path]) : undefined);
  const from = [said(facts.from), all[0]].filter((day) => day !== undefined).sort()[0];
  const to = [said(facts.to), all.at(-1)]
    .filter((day) => day !== undefined)
    .sort()
    .at(-1);
  return {
    ...record,
    [facts.rows]: rows,
    ...(from && { [facts.from]: from }),
    ...(to && { [facts.to]: to }),
  };
}

/** From Monday, 1, to Sunday, 7. */
export function weekday(day: string): number {
  return new Date(`${day}T00:00:00Z`).getUTCDay() || 7;
}

function rowsOf(facts: Facts, record: Given): Given[] {
  const rows = record[facts.rows];
  return Array.isArray(rows) ? (rows as Given[]) : [];
}
