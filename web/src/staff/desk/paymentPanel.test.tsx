import { screen } from '@testing-library/react';
import { afterEach, describe, expect, it, type Mock, vi } from 'vitest';
import { api, type Schemas } from '../../api/client';
import { renderServed } from '../../test/served';
import { PaymentPanel } from './PaymentPanel';

const DESK = { id: 'c1', may: { write: true }, past: {} } as unknown as Schemas['Desk'];
const FOUND = { id: 'o1', amount: '49.79', time: '2026-11-27', state: 'FOUND' };
const NOTHING_ELSE = { payments: [], others: [] };

afterEach(() => vi.restoreAllMocks());

describe('what follows a decision in money', () => {
  it('is not offered to press until what stands above it is there', async () => {
    let payments: () => void = () => undefined;
    const get = vi.spyOn(api, 'GET') as unknown as Mock<(path: string) => unknown>;
    get.mockImplementation((path) => {
      const ok = { response: { ok: true, status: 200 } };
      if (path.endsWith('/overpayments')) return Promise.resolve({ data: { overpayments: [FOUND] }, ...ok });
      if (path.endsWith('/payments'))
        return new Promise((resolve) => {
          payments = () => resolve({ data: NOTHING_ELSE, ...ok });
        });
      return Promise.resolve({ error: { code: 'not-found' }, response: { ok: false, status: 404 } });
    });
    renderServed(<PaymentPanel desk={DESK} />);
    await vi.waitFor(() => expect(get).toHaveBeenCalledTimes(3));
    await new Promise((soon) => setTimeout(soon));
    expect(screen.queryByText('Claim it back')).toBeNull();
    payments();
    expect(await screen.findByText('Claim it back')).toBeTruthy();
    const askedForFee = get.mock.calls.filter(([path]) => path.endsWith('/fee'));
    expect(askedForFee, 'what failed is not asked for again').toHaveLength(1);
  });
});
