import { expect, test } from 'vitest';
import { daysOf, weekday, withDays, withSpan } from './painted';

const FACTS = {
  chapter: 'when',
  from: 'first',
  to: 'last',
  rows: 'single',
  day: 'on',
  hours: 'for',
  schedule: 'week',
};

test('a painted span is the first and the last day', () => {
  expect(withSpan(FACTS, { other: 1 }, '2026-12-01', '2026-12-09')).toEqual({
    other: 1,
    first: '2026-12-01',
    last: '2026-12-09',
  });
});

test('a new single day takes over the hours of its weekday, and the span stretches to hold it', () => {
  const week = { '1': '8', '5': '4.5' };
  const now = withDays(FACTS, { week, first: '2026-12-05', last: '2026-12-08' }, [
    '2026-12-11',
    '2026-12-07',
  ]);
  expect(now.single).toEqual([
    { on: '2026-12-07', for: '8' },
    { on: '2026-12-11', for: '4.5' },
  ]);
  expect(now.first).toBe('2026-12-05');
  expect(now.last).toBe('2026-12-11');
});

test('a day that stays keeps the hours that were typed, and one painted away is gone', () => {
  const before = {
    week: { '1': '8' },
    single: [
      { on: '2026-12-07', for: '2.25' },
      { on: '2026-12-14', for: '8' },
    ],
  };
  expect(withDays(FACTS, before, ['2026-12-07']).single).toEqual([{ on: '2026-12-07', for: '2.25' }]);
});

test('lines that name no day yet are not painted', () => {
  expect(daysOf(FACTS, { single: [{ on: '2026-12-14' }, { on: 'soon' }, {}, { on: '2026-12-07' }] })).toEqual(
    ['2026-12-07', '2026-12-14'],
  );
});

test('a week begins on Monday', () => {
  expect(weekday('2026-11-30')).toBe(1);
  expect(weekday('2026-12-06')).toBe(7);
});
