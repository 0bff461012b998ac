import { describe, expect, it } from 'vitest';
import { asked } from '../test/asked';
import { amountOf, faultOf, isAsked, monthOf, readAs } from './shapes';

describe('amounts as people type them', () => {
  it.each([
    ['780,50', '780.50'],
    ['780.5', '780.50'],
    ['1.234,50', '1234.50'],
    ['1,234.50', '1234.50'],
    ['1 234', '1234.00'],
    ['€ 12', '12.00'],
    ['1.234', '1234.00'],
    ['-20', '-20.00'],
  ])('%s is %s', (typed, amount) => expect(amountOf(typed)).toBe(amount));
  it.each(['lots', '12 or so', '1,2,x', ''])('%s stays as it is', (typed) => {
    expect(amountOf(typed)).toBe(typed);
  });
});

describe('months as people type them', () => {
  it.each([
    ['August 2026', '2026-08'],
    ['aug. 2026', '2026-08'],
    ['8/2026', '2026-08'],
    ['08.2026', '2026-08'],
    ['2026-8', '2026-08'],
  ])('%s is %s', (typed, month) => expect(monthOf(typed)).toBe(month));
  it.each(['13/2026', 'Smarch 2026', '2026', 'August'])('%s is none', (typed) => {
    expect(monthOf(typed)).toBeUndefined();
  });
});

describe('what is typed takes the form of the case file', () => {
  it.each([
    ['AMOUNT', '780,50', '780.50'],
    ['DATE', '2.4.1990', '1990-04-02'],
    ['MONTH', '8/2026', '2026-08'],
    ['NUMBER', '4', 4],
    ['NUMBER', 'four', 'four'],
    ['TEXT', 'Tarn Quay', 'Tarn Quay'],
  ] as const)('%s %s', (widget, typed, value) => expect(readAs(widget, typed)).toBe(value));
  it('and what is blank is not given', () => expect(readAs('TEXT', '  ')).toBeUndefined());
});

describe('what is wrong with an answer', () => {
  it.each([
    ['TEXT', undefined, 'missing'],
    ['TEXT', '  ', 'missing'],
    ['CHOICE', '', 'missing'],
    ['AMOUNT', 'lots', 'amount'],
    ['AMOUNT', '780,50', undefined],
    ['DATE', '31.2.2020', 'day'],
    ['DATE', '1990-04-02', undefined],
    ['MONTH', 'Smarch 2026', 'month'],
    ['NUMBER', 'four', 'number'],
    ['HOURS', '7,5', undefined],
    ['HOURS', '7½', undefined],
    ['HOURS', '7:30', 'hours'],
    ['YES_NO', undefined, undefined],
    ['SEVERAL', undefined, undefined],
    ['NAMES', [], 'missing'],
  ] as const)('%s %s: %s', (widget, value, fault) => expect(faultOf(asked(widget), value)).toBe(fault));
  it('nothing is missing where nothing is required', () => {
    expect(faultOf(asked('TEXT', { required: false }), '')).toBeUndefined();
  });
});

describe('whom and when something is asked', () => {
  it('not of people whom it does not concern', () => {
    const school = asked('GROUP', { notOf: ['SELF', 'SPOUSE'] });
    expect(isAsked(school, { relationship: 'SPOUSE' })).toBe(false);
    expect(isAsked(school, { relationship: 'CHILD' })).toBe(true);
  });
  it('only when another answer is as it says', () => {
    const employer = asked('TEXT', { when: { path: 'kind', oneOf: ['WAGES'] } });
    expect(isAsked(employer, { kind: 'WAGES' })).toBe(true);
    expect(isAsked(employer, { kind: 'PENSION' })).toBe(false);
    expect(isAsked(employer, {})).toBe(false);
  });
  it('a group that was ticked counts as yes', () => {
    const foster = asked('YES_NO', { when: { path: 'pupil', oneOf: ['true'] } });
    expect(isAsked(foster, { pupil: {} })).toBe(true);
    expect(isAsked(foster, {})).toBe(false);
  });
});

it('hours are as short as they can be said', () => {
  expect(readAs('HOURS', '8,0')).toBe('8');
  expect(readAs('HOURS', '7½')).toBe('7.5');
  expect(readAs('HOURS', ',25')).toBe('0.25');
  expect(readAs('HOURS', '7:30')).toBe('7:30');
});
