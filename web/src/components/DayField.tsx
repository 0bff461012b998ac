import { type ComponentProps, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { dayOf, dayText } from './days';
import { Field } from './Field';

type DayProps = {
  /** As the case file has it, else what was typed. */
  value: string;
  onChange: (value: string) => void;
};

/** A field for a day, written in any usual way; when it is left it says the month in words, so that a slip is seen. */
export function DayField({
  id,
  label,
  hint,
  error,
  ...day
}: {
  id?: string;
  label: string;
  hint?: string | null;
  error?: string | null;
  autoComplete?: string | undefined;
} & DayProps) {
  const { t } = useTranslation();
  const [left, setLeft] = useState(false);
  const unread = left && day.value !== '' && dayOf(day.value) === undefined;
  return (
    <Field
      id={id}
      label={label}
      hint={hint ?? t('day.hint')}
      error={unread ? t('day.unread') : (error ?? null)}
    >
      {(ids) => <DayInput {...ids} {...day} className="field" onBlur={() => setLeft(true)} />}
    </Field>
  );
}

/** The bare input, for where a label stands already. */
export function DayInput({
  value,
  onChange,
  onBlur,
  autoComplete = 'off',
  ...input
}: Omit<ComponentProps<'input'>, 'value' | 'onChange'> & DayProps) {
  const [typed, setTyped] = useState(() => dayText(value));
  const shown = (dayOf(typed) ?? typed) === value ? typed : dayText(value);
  return (
    <input
      {...input}
      type="text"
      autoComplete={autoComplete}
      value={shown}
      onChange={(event) => {
        setTyped(event.target.value);
        onChange(dayOf(event.target.value) ?? event.target.value);
      }}
      onBlur={(event) => {
        setTyped(dayText(value));
        onBlur?.(event);
      }}
    />
  );
}
