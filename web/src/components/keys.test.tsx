import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { expect, test } from 'vitest';
import { FROM_HERE, useKeys } from './keys';

function List() {
  const [pressed, setPressed] = useState('');
  useKeys((key) => {
    setPressed((now) => now + key);
    return true;
  });
  return (
    <>
      <button type="button">elsewhere</button>
      <div {...FROM_HERE}>
        <button type="button">row</button>
        <input aria-label="field" />
      </div>
      <p>pressed: {pressed}</p>
    </>
  );
}

function shown(keys: boolean) {
  const queries = new QueryClient({ defaultOptions: { queries: { staleTime: Number.POSITIVE_INFINITY } } });
  queries.setQueryData(['session'], { role: 'CASEWORKER', name: 'Åsa', email: '', simulated: true, keys });
  render(
    <QueryClientProvider client={queries}>
      <List />
    </QueryClientProvider>,
  );
}

test('single letters act from the list alone, and never while something is typed', async () => {
  const user = userEvent.setup();
  shown(true);
  screen.getByText('elsewhere').focus();
  await user.keyboard('j');
  screen.getByLabelText('field').focus();
  await user.keyboard('k');
  expect(screen.getByText('pressed:')).toBeTruthy();
  screen.getByText('row').focus();
  await user.keyboard('jk');
  expect(screen.getByText('pressed: jk')).toBeTruthy();
});

test('whoever switched them off presses nothing by them', async () => {
  const user = userEvent.setup();
  shown(false);
  screen.getByText('row').focus();
  await user.keyboard('j');
  expect(screen.getByText('pressed:')).toBeTruthy();
});
