import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import { type Entry, Finder } from './Finder';

const ENTRIES: Entry[] = [
  { key: 'a', number: 'SM-26-00001', words: 'Tindvåg', more: 'look at it' },
  { key: 'b', words: 'Show history' },
];

function Page({ onChoose, entries = ENTRIES }: { onChoose: (key: string) => void; entries?: Entry[] }) {
  const [words, setWords] = useState('');
  return (
    <Finder
      label="Find"
      words={words}
      entries={entries}
      none={words ? `nothing for ${words}` : ''}
      onWords={setWords}
      onChoose={onChoose}
    />
  );
}

describe('the field that finds', () => {
  it('is reached by Ctrl K, and Enter takes the first', async () => {
    const onChoose = vi.fn();
    render(<Page onChoose={onChoose} />);
    await userEvent.keyboard('{Control>}k{/Control}');
    expect(document.activeElement).toBe(screen.getByRole('combobox'));
    await userEvent.keyboard('tind{Enter}');
    expect(onChoose).toHaveBeenCalledExactlyOnceWith('a');
    expect(screen.getByRole<HTMLInputElement>('combobox').value).toBe('');
  });

  it('takes what the arrows chose', async () => {
    const onChoose = vi.fn();
    render(<Page onChoose={onChoose} />);
    await userEvent.type(screen.getByRole('combobox'), 's{ArrowDown}{ArrowDown}{Enter}');
    expect(onChoose).toHaveBeenCalledExactlyOnceWith('b');
  });

  it('says when there is nothing', async () => {
    render(<Page onChoose={vi.fn()} entries={[]} />);
    await userEvent.type(screen.getByRole('combobox'), 'zzz');
    expect(screen.getByText('nothing for zzz')).toBeTruthy();
  });
});
