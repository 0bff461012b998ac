import { useQuery } from '@tanstack/react-query';
import { type KeyboardEvent, useEffect, useId, useRef, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, take } from '../api/client';
import { type Command, isMeant, matching } from './commands';

const FEWEST_LETTERS = 2;

type Entry = { key: string; run: () => void; number?: string; words: string; more?: string };

/**
 * Finds claims by number, or by a name with tolerance for its spelling, and takes commands: what can be done on the
 * page, and where to go. Ctrl K leads here; arrows choose, Enter does it.
 */
export function SearchBox({ commands }: { commands: Command[] }) {
  const { t } = useTranslation();
  const [words, setWords] = useState('');
  const [open, setOpen] = useState(false);
  const [at, setAt] = useState(0);
  const field = useRef<HTMLInputElement>(null);
  const id = useId();
  const go = useNavigate();
  const q = words.trim();
  const hits = useQuery({
    queryKey: ['search', q],
    queryFn: () => take(api.POST('/api/search', { body: { words: q } })),
    enabled: q.length >= FEWEST_LETTERS,
  });
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'k') {
        event.preventDefault();
        field.current?.focus();
        setOpen(true);
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const found: Entry[] =
    q.length < FEWEST_LETTERS
      ? []
      : (hits.data ?? []).map(({ claim }) => ({
          key: claim.id,
          run: () => go(`/claims/${claim.id}`),
          number: claim.number,
          words: claim.household,
          more: claim.nextStep,
        }));
  const entry = (command: Command) => ({ key: command.label, run: command.run, words: command.label });
  const offered = matching(commands, q);
  const entries: Entry[] = [
    ...offered.filter((command) => isMeant(command, q)).map(entry),
    ...found,
    ...offered.filter((command) => !isMeant(command, q)).map(entry),
  ];
  const close = () => {
    setWords('');
    setAt(0);
    setOpen(false);
    field.current?.blur();
  };
  const choose = (entry: Entry | undefined) => {
    if (!entry) return;
    close();
    entry.run();
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (event.key === 'Escape') close();
    if (event.key === 'ArrowDown') setAt((now) => Math.min(now + 1, entries.length - 1));
    if (event.key === 'ArrowUp') setAt((now) => Math.max(now - 1, 0));
    if (event.key.startsWith('Arrow')) event.preventDefault();
    if (event.key === 'Enter') choose(entries[at] ?? entries[0]);
  };
  const shown = open && (entries.length > 0 || Boolean(hits.data));
  return (
    <search className="relative">
      <input
        ref={field}
        className="h-8 w-72 rounded border border-base-300 bg-base-200 px-2 text-sm"
        placeholder={`${t('nav.find')} · Ctrl K`}
        aria-label={t('nav.find')}
        role="combobox"
        aria-expanded={shown}
        aria-controls={id}
        aria-activedescendant={shown && entries[at] ? `${id}-${at}` : undefined}
        autoComplete="off"
        value={words}
        onFocus={() => setOpen(true)}
        onBlur={() => setOpen(false)}
        onChange={(e) => {
          setWords(e.target.value);
          setOpen(true);
          setAt(0);
        }}
        onKeyDown={onKeyDown}
      />
      <div
        id={id}
        role="listbox"
        aria-label={t('sheet.found')}
        hidden={!shown}
        className="sheet dense absolute right-0 z-20 mt-1 w-[480px] py-1"
      >
        {(shown ? entries : []).map((entry, i) => (
          <div
            key={entry.key}
            id={`${id}-${i}`}
            role="option"
            tabIndex={-1}
            aria-selected={i === at}
            className={`flex w-full cursor-pointer gap-3 px-3 py-1.5 ${i === at ? 'bg-base-300/60' : 'hover:bg-base-200'}`}
            onMouseDown={(event) => {
              event.preventDefault();
              choose(entry);
            }}
          >
            {entry.number && <span className="w-24 shrink-0 tabular-nums">{entry.number}</span>}
            <span
              className={entry.number ? 'w-36 shrink-0 truncate font-semibold' : 'font-semibold text-primary'}
            >
              {entry.words}
            </span>
            {entry.more && <span className="quiet truncate">{entry.more}</span>}
          </div>
        ))}
        {shown && entries.length === 0 && <p className="px-3 py-2">{t('sheet.noneFound', { q })}</p>}
      </div>
    </search>
  );
}
