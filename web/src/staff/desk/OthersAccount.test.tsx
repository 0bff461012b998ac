import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen, waitFor } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { api, type Schemas } from '../../api/client';
import { OthersAccount } from './OthersAccount';

const following = (state: Schemas['Paid']['state'], account?: string): Schemas['Following'] => ({
  number: 'RA-26-00016',
  whom: 'the landlord',
  account: account as string,
  postalOrder: undefined as unknown as string,
  holder: 'Harbour Row',
  given: 'Given by Harbour Row on 24 November 2026.',
  payments: [
    { id: 'p', time: '2026-10', part: 1, amount: '675.00', keptBack: '0.00', due: '2026-11-24', state },
  ],
  others: [],
});

function show(of: Schemas['Following'], onChanged = vi.fn()) {
  render(
    <QueryClientProvider client={new QueryClient()}>
      <OthersAccount claim="c" following={of} onChanged={onChanged} />
    </QueryClientProvider>,
  );
  return onChanged;
}

/** What the server answers. */
function answers(status: number, body: object) {
  const answer = status === 200 ? { data: body } : { error: body };
  return vi
    .spyOn(api, 'PUT')
    .mockResolvedValue({ ...answer, response: new Response(null, { status }) } as never);
}

afterEach(() => vi.restoreAllMocks());

describe('an account of someone else', () => {
  it('is asked for at once where money came back or none is known, and folded otherwise', () => {
    show(following('RETURNED', '9999'));
    expect(document.querySelector('details')?.open).toBe(true);
    document.body.innerHTML = '';
    show(following('PLANNED'));
    expect(document.querySelector('details')?.open).toBe(true);
    document.body.innerHTML = '';
    show(following('BOOKED', '1200'));
    expect(document.querySelector('details')?.open).toBe(false);
  });

  it('is sent with how it is known, and what follows is told', async () => {
    const put = answers(200, following('PLANNED', '1234'));
    const onChanged = show(following('RETURNED', '9999'));
    await userEvent.type(screen.getByLabelText('Account number (IBAN)'), 'XH23 1204');
    await userEvent.type(screen.getByLabelText('How do you know it?'), 'They called.');
    await userEvent.click(screen.getByText('Pay there'));
    await waitFor(() => expect(onChanged).toHaveBeenCalled());
    expect(put).toHaveBeenCalledWith('/api/claims/{id}/account', {
      params: { path: { id: 'c' } },
      body: { iban: 'XH23 1204', reason: 'They called.' },
    });
    expect(screen.getByLabelText('Account number (IBAN)')).toHaveProperty('value', '');
  });

  it('that cannot be right keeps what was typed and says so at its field', async () => {
    answers(422, { detail: 'This is no account number.', code: 'invalid', path: 'iban', status: 422 });
    const onChanged = show(following('RETURNED', '9999'));
    await userEvent.type(screen.getByLabelText('Account number (IBAN)'), 'XH00');
    await userEvent.click(screen.getByText('Pay there'));
    expect(await screen.findByText(/This is no account number/)).toBeTruthy();
    expect(screen.getByLabelText('Account number (IBAN)')).toHaveProperty('value', 'XH00');
    expect(onChanged).not.toHaveBeenCalled();
  });
});
