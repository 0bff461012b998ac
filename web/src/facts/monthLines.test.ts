import { expect, it } from 'vitest';
import { asked } from '../test/asked';
import { flat, lastMonths, unflat, withLine, withMonth } from './monthLines';

const arrears = asked('MONTHS', { path: 'arrears', parts: [asked('AMOUNT', { path: 'owed' })] });
const yes = asked('CHOICE', { path: 'takesPart' });

it('counts twelve months back from the one before this, and keeps those that stand elsewhere', () => {
  const months = lastMonths(new Date(2026, 0, 14), ['2024-03']);
  expect(months[0]).toBe('2025-12');
  expect(months[11]).toBe('2025-01');
  expect(months[12]).toBe('2024-03');
});

it('keeps months in order, and a month of which nothing is said has no line', () => {
  const first = withLine(arrears, {}, '2026-08', '700.00');
  const both = withLine(arrears, first, '2026-07', '650.00');
  expect(both.arrears).toEqual([
    { month: '2026-07', owed: '650.00' },
    { month: '2026-08', owed: '700.00' },
  ]);
  expect(withLine(arrears, both, '2026-07', '').arrears).toEqual([{ month: '2026-08', owed: '700.00' }]);
});

it('ticks a month into a list and out of it again', () => {
  const ticked = withMonth({ aided: ['2026-08'] }, 'aided', '2026-07', true);
  expect(ticked.aided).toEqual(['2026-07', '2026-08']);
  expect(withMonth(ticked, 'aided', '2026-08', false).aided).toEqual(['2026-07']);
});

it('makes single answers of months and months of single answers', () => {
  const given = { takesPart: 'YES', arrears: [{ month: '2026-08', owed: '700.00' }] };
  const answers = flat([yes, arrears], given);
  expect(answers).toEqual({ takesPart: 'YES', 'arrears/2026-08': '700.00' });
  expect(unflat([yes, arrears], answers)).toEqual(given);
});

it('makes single answers of the parts of a record and a record of them again', () => {
  const week = asked('RECORD', { path: 'week', parts: [asked('HOURS', { path: '1' })] });
  const given = { takesPart: 'NO', week: { '1': '8', '5': '4.5' } };
  const answers = flat([yes, week], given);
  expect(answers).toEqual({ takesPart: 'NO', 'week/1': '8', 'week/5': '4.5' });
  expect(unflat([yes, week], answers)).toEqual(given);
});
