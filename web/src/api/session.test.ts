import { renderHook } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';
import { tellEnded, useEnded, useOther } from './ended';
import { unlessEnded } from './session';

const NOBODY = { simulated: true, keys: true } as never;
const RUNA = { account: 'r', role: 'APPLICANT', name: 'Runa Ostby', email: 'runa@post.example' } as never;
const ASA = { account: 'a', role: 'CASEWORKER', name: 'Ása Mikkel', email: 'asa@halvern.example' } as never;

const isEnded = () => renderHook(() => useEnded()).result.current;

beforeEach(() => tellEnded(false));

test('whoever was signed in and is not any more stays on the page, and it is said', () => {
  expect(unlessEnded(RUNA, NOBODY)).toBe(RUNA);
  expect(isEnded()).toBe(true);
});

test.each([
  [undefined, NOBODY],
  [undefined, RUNA],
  [NOBODY, NOBODY],
  [RUNA, RUNA],
])('otherwise it is as the server says', (before, now) => {
  expect(unlessEnded(before, now)).toBe(now);
  expect(isEnded()).toBe(false);
});

test('a page stays that of whoever opened it when somebody else signs in in another tab', () => {
  expect(unlessEnded(RUNA, ASA)).toBe(RUNA);
  expect(renderHook(() => useOther()).result.current).toBe(true);
  expect(isEnded()).toBe(false);
});
