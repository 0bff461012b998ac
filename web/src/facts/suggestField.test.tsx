import { screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { afterEach, describe, expect, it, vi } from 'vitest';
import { renderServed, served } from '../test/served';
import { SuggestField } from './SuggestField';

const DECK = { value: '8350', label: "Ships' deck crews and related workers", more: 'deckhand' };

function shown(from: 'OCCUPATION' | 'EMPLOYER', words = '') {
  const onChange = vi.fn();
  renderServed(
    <SuggestField
      id="f"
      label="What do you do?"
      from={from}
      words={words}
      takesWords={from === 'EMPLOYER'}
      onChange={onChange}
    />,
  );
  return onChange;
}

afterEach(() => vi.restoreAllMocks());

describe('a field that offers what fits', () => {
  it('offers by the word that was meant and keeps the code of what is chosen', async () => {
    const post = served('POST', [DECK]);
    const onChange = shown('OCCUPATION');
    await userEvent.type(screen.getByRole('combobox'), 'deckhnad');
    await userEvent.click(await screen.findByRole('option', { name: /deckhand/ }));
    expect(onChange).toHaveBeenLastCalledWith('8350');
    expect(screen.getByText(`Chosen: ${DECK.label}`)).toBeTruthy();
    expect(post.mock.calls.at(-1)?.[1].body).toEqual({ words: 'deckhnad' });
  });

  it('is chosen from with the keys alone', async () => {
    served('POST', [DECK]);
    const onChange = shown('OCCUPATION');
    await userEvent.type(screen.getByRole('combobox'), 'deck');
    await screen.findByRole('option', { name: /deckhand/ });
    await userEvent.keyboard('{ArrowDown}{Enter}');
    expect(onChange).toHaveBeenLastCalledWith('8350');
  });

  it('takes no words that were not chosen, and says so when nothing fits', async () => {
    served('POST', []);
    const onChange = shown('OCCUPATION');
    await userEvent.type(screen.getByRole('combobox'), 'xyzzy');
    expect(await screen.findByText(/Nothing like it is listed/)).toBeTruthy();
    expect(onChange).not.toHaveBeenCalled();
  });

  it('takes the name of an employer as it is typed', async () => {
    served('POST', []);
    const onChange = shown('EMPLOYER');
    await userEvent.type(screen.getByRole('combobox'), 'My uncle');
    expect(onChange).toHaveBeenLastCalledWith('My uncle');
  });

  it('forgets what was chosen when it is emptied', async () => {
    served('POST', [DECK]);
    const onChange = shown('OCCUPATION', DECK.label);
    await userEvent.clear(screen.getByRole('combobox'));
    expect(onChange).toHaveBeenLastCalledWith(undefined);
  });
});
