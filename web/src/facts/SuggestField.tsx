import { useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { ComboBox, Input, ListBox, ListBoxItem, Popover } from 'react-aria-components';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../api/client';
import { Field } from '../components/Field';

type Fitting = Schemas['Fitting'];

const FEWEST_LETTERS = 2;

const FROM = {
  OCCUPATION: (words: string) => take(api.POST('/api/my/occupations', { body: { words } })),
  EMPLOYER: (words: string) => take(api.POST('/api/my/employers', { body: { words } })),
};

type Props = {
  id: string;
  label: string;
  hint?: string | null | undefined;
  error?: string | null | undefined;
  /** What is searched. */
  from: keyof typeof FROM;
  /** What was typed or chosen so far, in words. */
  words: string;
  /** Whether what is typed stands as it is; else only what is chosen does. */
  takesWords: boolean;
  /** What was typed before this was there, where that is more than what stands. */
  begun?: string;
  /** Whether one is in it from the beginning. */
  focused?: boolean;
  onChange: (value: string | undefined) => void;
};

/** A field that offers what fits while one types; arrows choose, Enter takes, and what was taken is read back. */
export function SuggestField({
  id,
  label,
  hint,
  error,
  from,
  words,
  takesWords,
  begun = words,
  focused = false,
  onChange,
}: Props) {
  const { t } = useTranslation();
  const [typed, setTyped] = useState(begun);
  const [chosen, setChosen] = useState(words);
  const q = typed.trim();
  const isLooking = q.length >= FEWEST_LETTERS && q !== chosen;
  const found = useQuery({
    queryKey: ['fitting', from, q],
    queryFn: () => FROM[from](q),
    enabled: isLooking,
    staleTime: Number.POSITIVE_INFINITY,
    placeholderData: (before) => before,
  });
  const type = (text: string) => {
    setTyped(text);
    if (takesWords) onChange(text);
    else if (text.trim() === '') {
      setChosen('');
      onChange(undefined);
    }
  };
  const choose = (each: Fitting) => {
    setTyped(each.label);
    setChosen(each.label);
    onChange(each.value);
  };
  return (
    <Field id={id} label={label} hint={hint ?? null} error={error ?? null}>
      {(ids) => (
        <ComboBox
          aria-label={label}
          inputValue={typed}
          onInputChange={type}
          selectedKey={null}
          onSelectionChange={(key) => {
            const each = found.data?.find((fitting) => fitting.value === key);
            if (each) choose(each);
          }}
          onBlur={() => !takesWords && typed.trim() !== '' && setTyped(chosen)}
          items={isLooking ? (found.data ?? []) : []}
          defaultFilter={() => true}
          menuTrigger="input"
          allowsCustomValue
          allowsEmptyCollection={isLooking && found.isSuccess}
        >
          <Input {...ids} autoFocus={focused} className="field" autoComplete="off" />
          <Popover placement="bottom start" className="sheet z-20 w-(--trigger-width) max-w-[90vw] py-1">
            <ListBox<Fitting>
              renderEmptyState={() => (
                <p className="px-3 py-2">{t(takesWords ? 'facts.notListed' : 'facts.noneFitting')}</p>
              )}
            >
              {(each) => (
                <ListBoxItem
                  id={each.value}
                  textValue={each.label}
                  className={({ isFocused }) =>
                    `min-h-11 cursor-pointer px-3 py-2 ${isFocused ? 'bg-base-300/60' : 'hover:bg-base-200'}`
                  }
                >
                  {each.more && from === 'OCCUPATION' ? (
                    <>
                      <span className="font-semibold">{each.more}</span>
                      <span className="quiet block text-sm">{each.label}</span>
                    </>
                  ) : (
                    <>
                      {each.label} {each.more && <span className="quiet text-sm">{each.more}</span>}
                    </>
                  )}
                </ListBoxItem>
              )}
            </ListBox>
          </Popover>
          <p className="mt-1 text-sm text-success" aria-live="polite">
            {!takesWords && chosen && q === chosen && t('facts.chosen', { words: chosen })}
          </p>
        </ComboBox>
      )}
    </Field>
  );
}
