import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, expect, test, vi } from 'vitest';
import { renderServed, served } from '../test/served';
import { HoursBeyond } from './HoursBeyond';

const UNLOOKED = {
  claim: 'c',
  number: 'PL-26-00007',
  household: 'Valadares',
  monday: '2026-11-09',
  beyond: { told: '13.5', certified: '8', days: ['2026-11-13'] },
};

afterEach(() => vi.restoreAllMocks());

test('hours that nobody certified are told with their days, and put away with a reason', async () => {
  served('GET', [UNLOOKED]);
  const post = served('POST', undefined);
  renderServed(<HoursBeyond />);
  expect(
    await screen.findByText('13.5 h told, 8 h a week certified; not certified on Fri 13 November'),
  ).toBeTruthy();
  await userEvent.click(screen.getByRole('button', { name: 'I looked at it' }));
  await userEvent.type(screen.getByLabelText('What do you make of it?'), 'Called them.');
  await userEvent.click(screen.getByRole('button', { name: 'I looked at it' }));
  expect(post.mock.calls[0]?.[1]).toEqual({
    params: { path: { id: 'c', monday: '2026-11-09' } },
    body: { reason: 'Called them.' },
  });
});

test('where nobody certifies hours only the days are spoken of', async () => {
  served('GET', [{ ...UNLOOKED, beyond: { told: '4', certified: null, days: ['2026-11-13'] } }]);
  renderServed(<HoursBeyond />);
  expect(await screen.findByText('4 h told; not certified on Fri 13 November')).toBeTruthy();
});
