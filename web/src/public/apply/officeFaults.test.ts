import { describe, expect, it } from 'vitest';
import '../../i18n';
import type { Fault } from '../../facts/faultsOf';
import { isAmong, ofOffice, toPutRight, withOffice } from './officeFaults';

const COPIES = {
  chapter: 'order',
  path: 'copies',
  label: 'How many copies?',
  sentence: 'One to five.',
  mayStay: false,
};
const PHONE = {
  chapter: 'contact',
  path: 'contact/phone',
  label: '',
  sentence: 'It begins with +.',
  mayStay: false,
};
const here: Fault = { path: 'fast', label: 'Fast?', whose: '', code: 'missing' };

describe('what the office finds in an application', () => {
  it('is told by the chapter that asks for it, in its own words', () => {
    const [fault] = ofOffice([COPIES, PHONE], 'order');
    expect(fault).toMatchObject({ path: 'copies', label: 'How many copies?', sentence: 'One to five.' });
    expect(ofOffice([COPIES, PHONE], 'contact').map((each) => each.label)).toEqual(['Phone']);
  });

  it('is told once, and again only when it is something else', () => {
    const seen = ofOffice([COPIES], 'order');
    expect(ofOffice([COPIES], 'order', seen)).toHaveLength(1);
    expect(ofOffice([COPIES], 'order', [])).toHaveLength(0);
    expect(isAmong(seen, { ...seen[0], sentence: 'Not that many.' } as Fault)).toBe(false);
  });

  it('has to be put right unless it may stay as it is', () => {
    expect(toPutRight([COPIES, { ...PHONE, mayStay: true }])).toEqual([COPIES]);
  });

  it('stands back while something is plain to see', () => {
    expect(withOffice([here], ofOffice([COPIES], 'order'))).toEqual([here]);
    expect(withOffice([], ofOffice([COPIES], 'order'))).toHaveLength(1);
  });
});
