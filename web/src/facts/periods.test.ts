import { expect, test } from 'vitest';
import { gapsOf, isoOf, overlapsOf, spansOf, yearsBefore } from './periods';

const TEN = yearsBefore('2026-11-26', 10);
const days = (spans: { from: number; to: number }[]) =>
  spans.map(({ from, to }) => `${isoOf(from)}/${isoOf(to)}`);
const of = (...rows: [string, string?][]) =>
  spansOf(
    rows.map(([from, to]) => (to ? { from, to } : { from })),
    TEN,
  );

test('ten years end on the day before, also after a leap day', () => {
  expect(days([TEN])).toEqual(['2016-11-26/2026-11-25']);
  expect(days([yearsBefore('2028-02-29', 10)])).toEqual(['2018-03-01/2028-02-28']);
});

test('a period that goes on reaches the end, and what lies before is cut', () => {
  expect(days(of(['2010-01-01']))).toEqual(['2016-11-26/2026-11-25']);
  expect(days(of(['2010-01-01', '2012-01-01'], ['2020-03-05', '2020-03-05'], ['']))).toEqual([
    '2020-03-05/2020-03-05',
  ]);
});

test('gaps and overlaps are found in whatever order the periods are said', () => {
  const spans = of(['2020-01-01', '2021-06-30'], ['2016-01-01', '2018-12-31'], ['2021-06-30']);
  expect(days(gapsOf(spans, TEN))).toEqual(['2019-01-01/2019-12-31']);
  expect(days(overlapsOf(spans))).toEqual(['2021-06-30/2021-06-30']);
  expect(days(gapsOf([], TEN))).toEqual(days([TEN]));
});
