import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { renderServed, served } from '../../test/served';
import { MyOverpayments } from './MyOverpayments';

const found = (more: Partial<Schemas['PaidTooMuch']>) => ({
  number: 'PL-26-00001',
  usualPercent: 20,
  overpayments: [
    {
      id: 'o',
      time: '2026-11-02',
      amount: '62.25',
      keptBack: '16.60',
      rest: '45.65',
      state: 'CLAIMED_BACK',
      percent: 20,
      reason: 'x',
      ...more,
    },
  ],
});

afterEach(() => vi.restoreAllMocks());

describe('what was paid too much', () => {
  it('is no debt before somebody has decided so', async () => {
    served('GET', found({ state: 'FOUND', rest: '0.00' }));
    renderServed(<MyOverpayments claim="c" />);
    expect(await screen.findByText(/A caseworker decides whether we claim it back/)).toBeTruthy();
    expect(screen.queryByRole('combobox')).toBeNull();
    expect(screen.queryByRole('link')).toBeNull();
  });

  it('is settled sooner where they agree', async () => {
    served('GET', found({}));
    const put = served('PUT', found({ percent: 50 }));
    renderServed(<MyOverpayments claim="c" />);
    expect(await screen.findByText(/still owed: €45.65/)).toBeTruthy();
    const button = screen.getByRole('button', { name: 'Keep back this much' });
    expect(button).toHaveProperty('disabled', true);
    await userEvent.selectOptions(screen.getByRole('combobox'), 'at most 50 %');
    await userEvent.click(button);
    expect(put.mock.calls[0]?.[1].body).toEqual({ percent: 50 });
    expect(screen.getByRole('link', { name: 'The letter as PDF' })).toBeTruthy();
  });

  it('says when it is settled, and asks no more', async () => {
    served('GET', found({ keptBack: '62.25', rest: '0.00' }));
    renderServed(<MyOverpayments claim="c" />);
    expect(await screen.findByText('It is settled.')).toBeTruthy();
    expect(screen.queryByRole('combobox')).toBeNull();
  });

  it('is not spoken of where there is nothing', async () => {
    const get = served('GET', { number: 'PL-26-00001', usualPercent: 20, overpayments: [] });
    renderServed(<MyOverpayments claim="c" />);
    await vi.waitFor(() => expect(get).toHaveBeenCalled());
    expect(screen.queryByText('Paid too much')).toBeNull();
  });
});
