import { describe, expect, it } from 'vitest';
import { asked } from '../test/asked';
import { faultsOf } from './faultsOf';

const AMOUNT = asked('AMOUNT', { path: 'amount', label: 'How much?' });
const INCOMES = asked('INCOMES', { path: 'incomes', label: 'Income', parts: [AMOUNT] });
const GROWN = {
  id: 'm1',
  givenName: 'Runa',
  familyName: 'Ostby',
  dateOfBirth: '1988-03-02',
  relationship: 'SELF',
};
const CHILD = { id: 'm2', givenName: 'Ivo', dateOfBirth: '2020-05-30', relationship: 'CHILD' };

describe('all that is wrong on a page', () => {
  it('names the person and leads to the field', () => {
    const school = asked('TEXT', { path: 'school', label: 'School', notOf: ['SELF'] });
    const people = asked('EACH_PERSON', { parts: [asked('GROUP', { path: 'pupil', parts: [school] })] });
    const faults = faultsOf([people], { members: [GROWN, { ...CHILD, pupil: {} }] });
    expect(faults).toEqual([
      { path: 'members/m2/pupil/school', label: 'School', whose: 'Ivo', code: 'missing' },
    ]);
  });
  it('asks each adult, and nobody else, for an income or the word that there is none', () => {
    expect(faultsOf([INCOMES], { members: [GROWN, CHILD] })).toEqual([
      { path: 'incomes-of/m1', label: 'Income', whose: 'Runa Ostby', code: 'line' },
    ]);
    expect(faultsOf([INCOMES], { members: [GROWN], noIncomeDeclared: ['m1'] })).toEqual([]);
  });
  it('looks into each line', () => {
    const incomes = [{ id: 'i1', member: 'm1', amount: 'lots' }];
    expect(faultsOf([INCOMES], { members: [GROWN], incomes })).toEqual([
      { path: 'incomes/i1/amount', label: 'How much?', whose: 'Runa Ostby', code: 'amount' },
    ]);
  });
  it('tells a list of which nothing was said from one that is empty', () => {
    const list = asked('EXPENSES', { path: 'expenses', label: 'Costs', parts: [AMOUNT] });
    expect(faultsOf([list], {})).toHaveLength(1);
    expect(faultsOf([list], { expenses: [] })).toEqual([]);
  });
  it('looks into a record whether or not anything was said, and under its months', () => {
    const home = asked('RECORD', {
      path: 'home',
      parts: [asked('TEXT', { path: 'postCode', label: 'Post code' })],
    });
    expect(faultsOf([home], {})).toMatchObject([{ path: 'home/postCode', code: 'missing' }]);
    const months = asked('MONTHS', {
      path: 'arrears',
      label: 'Rent owed',
      required: false,
      parts: [AMOUNT],
    });
    expect(faultsOf([months], {})).toEqual([]);
    expect(faultsOf([months], { arrears: [{ month: '2026-08', amount: 'a lot' }] })).toMatchObject([
      { path: 'arrears/2026-08/amount', label: 'Rent owed, August 2026', code: 'amount' },
    ]);
  });
  it('asks for words only once the record beside it calls for them', () => {
    const why = asked('TEXT', { path: 'explanation', when: { path: 'hardship/reason', oneOf: ['OTHER'] } });
    expect(faultsOf([why], { hardship: { reason: 'ILLNESS' } })).toEqual([]);
    expect(faultsOf([why], { hardship: { reason: 'OTHER' } })).toHaveLength(1);
  });
  it('and months owed are checked row by row', () => {
    const rows = asked('ROWS', { path: 'arrears', parts: [asked('MONTH', { path: 'month' }), AMOUNT] });
    const faults = faultsOf([rows], { arrears: [{ month: '2026-08', amount: '1' }, { month: 'soon' }] });
    expect(faults.map((each) => [each.path, each.code])).toEqual([
      ['arrears/1/month', 'month'],
      ['arrears/1/amount', 'missing'],
    ]);
  });
});
