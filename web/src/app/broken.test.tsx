import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, useNavigate } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { NeverWhite } from './Broken';

let breaks = true;

function Screen() {
  if (breaks) throw new Error('a value that is none');
  const go = useNavigate();
  return (
    <button type="button" onClick={() => go('/elsewhere')}>
      a screen
    </button>
  );
}

const shown = () =>
  render(
    <MemoryRouter>
      <NeverWhite>
        <Screen />
      </NeverWhite>
    </MemoryRouter>,
  );

describe('a screen that breaks', () => {
  afterEach(() => vi.restoreAllMocks());

  it('says so, and is there again once it does not', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    breaks = true;
    shown();
    expect(screen.getByRole('alert').textContent).toContain('What you typed is kept');
    breaks = false;
    await userEvent.click(screen.getByText('Try again'));
    expect(screen.getByText('a screen')).toBeDefined();
  });
});
