import { render, screen, within } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter } from 'react-router';
import { expect, test, vi } from 'vitest';
import type { Schemas } from '../api/client';
import '../i18n';
import { SharedNet } from './SharedNet';

const claim = (id: string, number: string, name: string): Schemas['NetClaim'] => ({
  id,
  number,
  name,
  programme: 'Food assistance',
  state: 'IN_REVIEW',
});
const signal = (id: string, label: string): Schemas['Signal'] => ({
  id,
  kind: 'PHONE',
  label,
  facts: '',
  weight: '',
  record: '',
  dismissed: '',
});
const VIEW: Schemas['SignalView'] = {
  claim: 'a',
  number: 'FA-1',
  signals: [signal('p', 'The same telephone'), signal('b', 'The same bank account')],
  claims: [claim('a', 'FA-1', 'Ostby'), claim('c', 'FA-2', 'Quental'), claim('d', 'FA-3', 'Moe')],
  links: [
    { claim: 'a', thing: 'p' },
    { claim: 'c', thing: 'p' },
    { claim: 'c', thing: 'b' },
    { claim: 'd', thing: 'b' },
  ],
};

test('the table says what the net draws: which claim shares what', () => {
  render(
    <MemoryRouter>
      <SharedNet view={VIEW} />
    </MemoryRouter>,
  );
  const rows = within(screen.getByRole('table')).getAllByRole('row');
  expect(rows.map((row) => row.textContent)).toEqual([
    'FA-2QuentalThe same telephone, The same bank account',
    'FA-3MoeThe same bank account',
  ]);
});

test('a claim is chosen and left out again', async () => {
  const onChoose = vi.fn();
  render(
    <MemoryRouter>
      <SharedNet view={VIEW} chosen={['d']} onChoose={onChoose} />
    </MemoryRouter>,
  );
  await userEvent.click(screen.getByLabelText('Choose FA-2'));
  await userEvent.click(screen.getByLabelText('Choose FA-3'));
  expect(onChoose.mock.calls).toEqual([
    ['c', true],
    ['d', false],
  ]);
});
