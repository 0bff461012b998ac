import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { MemoryRouter, useNavigate } from 'react-router';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { served } from '../test/served';
import { NeverWhite, tellOffice } from './Broken';

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

  it('tells the office which page and which part of it, and no name of a claim or a person', async () => {
    const post = served('POST', {});
    tellOffice(
      '/my/6f0c2a9e-1b7d-4c55-9a55-0a3a2a0c9d11/days',
      new TypeError('undefined is not Runa Ostby'),
      '\n    at Calendar (a.js:1:2)\n    at DaysScreen (a.js:3:4)',
    );
    expect(post.mock.calls[0]?.[1].body).toEqual({
      page: '/my/*/days',
      error: 'TypeError',
      within: 'Calendar DaysScreen',
    });
  });

  it('says so, and is there again once it does not', async () => {
    vi.spyOn(console, 'error').mockImplementation(() => undefined);
    served('POST', {});
    breaks = true;
    shown();
    expect(screen.getByRole('alert').textContent).toContain('What you typed is kept');
    breaks = false;
    await userEvent.click(screen.getByText('Try again'));
    expect(screen.getByText('a screen')).toBeDefined();
  });
});
