import { type KeyboardEvent, useEffect, useRef } from 'react';
import { ComboBox, Input, ListBox, ListBoxItem, Popover } from 'react-aria-components';

/** Something to choose. @param number names it where it has one @param more what there is to say of it */
export type Entry = { key: string; number?: string; words: string; more?: string };

type Props = {
  label: string;
  words: string;
  entries: Entry[];
  /** Said where nothing was found; nothing while nothing was looked for. */
  none: string;
  onWords: (words: string) => void;
  onChoose: (key: string) => void;
};

/** A field that finds while one types. Ctrl K leads to it; arrows choose, Enter takes what is chosen, else the first. */
export function Finder({ label, words, entries, none, onWords, onChoose }: Props) {
  const field = useRef<HTMLInputElement>(null);
  useEffect(() => {
    const onKey = (event: globalThis.KeyboardEvent) => {
      if ((event.ctrlKey || event.metaKey) && event.key === 'k') {
        event.preventDefault();
        field.current?.focus();
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const choose = (key: string) => {
    field.current?.blur();
    onWords('');
    onChoose(key);
  };
  const onKeyDown = (event: KeyboardEvent<HTMLInputElement>) => {
    const first = entries[0];
    if (event.key === 'Enter' && first && !event.currentTarget.getAttribute('aria-activedescendant'))
      choose(first.key);
  };
  return (
    <ComboBox
      aria-label={label}
      inputValue={words}
      onInputChange={onWords}
      selectedKey={null}
      onSelectionChange={(key) => key !== null && choose(String(key))}
      items={entries}
      defaultFilter={() => true}
      menuTrigger="focus"
      allowsCustomValue
      allowsEmptyCollection
    >
      <Input
        ref={field}
        className="h-8 w-60 max-w-[calc(100vw-2rem)] rounded border border-base-content/55 bg-base-200 px-1.5 text-sm"
        placeholder={`${label} · Ctrl K`}
        onKeyDown={onKeyDown}
      />
      <Popover placement="bottom end" className="sheet dense z-20 w-[30rem] max-w-[calc(100vw-2rem)] py-1">
        <ListBox<Entry> renderEmptyState={() => (none ? <p className="px-3 py-2">{none}</p> : null)}>
          {(entry) => (
            <ListBoxItem
              id={entry.key}
              textValue={entry.words}
              className={({ isFocused }) =>
                `flex w-full cursor-pointer gap-3 px-3 py-1.5 ${isFocused ? 'bg-base-300/60' : 'hover:bg-base-200'}`
              }
            >
              {entry.number && <span className="w-24 shrink-0 tabular-nums">{entry.number}</span>}
              <span
                className={
                  entry.number ? 'w-36 shrink-0 truncate font-semibold' : 'font-semibold text-primary'
                }
              >
                {entry.words}
              </span>
              {entry.more && <span className="quiet truncate">{entry.more}</span>}
            </ListBoxItem>
          )}
        </ListBox>
      </Popover>
    </ComboBox>
  );
}
