import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { type Command, isMeant, matching } from './commands';
import { type Entry, Finder } from './Finder';

const FEWEST_LETTERS = 2;

/**
 * Finds claims by number, or by a name with tolerance for its spelling, and takes commands: what can be done on the
 * page, and where to go.
 */
export function SearchBox({ commands }: { commands: Command[] }) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  const go = useNavigate();
  const q = words.trim();
  const hits = useQuery({
    queryKey: ['search', q],
    queryFn: () => take(api.POST('/api/search', { body: { words: q } })),
    enabled: q.length >= FEWEST_LETTERS,
  });
  const found: Entry[] =
    q.length < FEWEST_LETTERS
      ? []
      : (hits.data ?? []).map((claim) => ({
          key: claim.id,
          number: claim.number,
          words: claim.household,
          more: claim.nextStep,
        }));
  const entry = (command: Command): Entry => ({ key: command.label, words: command.label });
  const offered = matching(commands, q);
  const entries = [
    ...offered.filter((command) => isMeant(command, q)).map(entry),
    ...found,
    ...offered.filter((command) => !isMeant(command, q)).map(entry),
  ];
  const choose = (key: string) => {
    const command = offered.find((each) => each.label === key);
    if (command) command.run();
    else go(`/claims/${key}`);
  };
  return (
    <search>
      <Finder
        label={t('nav.find')}
        words={words}
        entries={entries}
        none={hits.data ? t('sheet.noneFound', { q }) : ''}
        onWords={setWords}
        onChoose={choose}
      />
    </search>
  );
}
