import { type ReactNode, useId, useState } from 'react';
import { useTranslation } from 'react-i18next';

type FieldProps = {
  /** A name to be found by; one of its own when not given. */
  id?: string;
  label: string;
  hint?: string | null;
  error?: string | null;
  /** The control; it gets the ids that tie it to its label, hint and error. */
  children: (ids: { id: string; 'aria-describedby'?: string; 'aria-invalid'?: true }) => ReactNode;
};

/**
 * A labelled field with its hint, or its error in place of that, tied to it: what stands below hardly moves when a field
 * is left, so that whoever is just pressing a button there still hits it.
 */
export function Field({ id: named, label, hint, error, children }: FieldProps) {
  const own = useId();
  const id = named ?? own;
  const described = error ? `${id}-error` : hint ? `${id}-hint` : undefined;
  return (
    <div className="min-w-0 flex-1">
      <label htmlFor={id} className="mb-1 block text-[0.9375rem]">
        {label}
      </label>
      {children({ id, 'aria-describedby': described, 'aria-invalid': error ? true : undefined })}
      {hint && !error && (
        <p id={`${id}-hint`} className="quiet mt-1 text-sm">
          {hint}
        </p>
      )}
      {error && (
        <p id={`${id}-error`} className="mt-1 text-sm font-semibold text-error">
          {error}
        </p>
      )}
    </div>
  );
}

type TextProps = {
  id?: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  hint?: string | null;
  error?: string | null;
} & {
  type?: string;
  inputMode?: 'text' | 'decimal' | 'numeric' | 'email' | 'tel';
  autoComplete?: string | undefined;
  /** Called when one comes into the field. */
  onEnter?: () => void;
  /** Called when the field is left. */
  onLeave?: () => void;
};

export function TextField({
  id,
  label,
  value,
  onChange,
  hint,
  error,
  type = 'text',
  inputMode,
  autoComplete,
  onEnter,
  onLeave,
}: TextProps) {
  const { t } = useTranslation();
  const [shown, setShown] = useState(false);
  return (
    <Field id={id} label={label} hint={hint} error={error}>
      {(ids) => (
        <div className={type === 'password' ? 'flex items-center gap-3' : undefined}>
          <input
            {...ids}
            className="field"
            type={shown ? 'text' : type}
            inputMode={inputMode}
            autoComplete={autoComplete}
            value={value}
            onChange={(e) => onChange(e.target.value)}
            onFocus={onEnter}
            onBlur={onLeave}
          />
          {type === 'password' && (
            <button
              type="button"
              className="min-h-11 shrink-0 cursor-pointer font-semibold text-primary"
              aria-pressed={shown}
              onClick={() => setShown(!shown)}
            >
              {t(shown ? 'account.hidePassword' : 'account.showPassword')}
            </button>
          )}
        </div>
      )}
    </Field>
  );
}

/** A field for some sentences. */
export function LongTextField({
  id,
  label,
  value,
  onChange,
  rows,
  hint,
  error,
}: {
  id?: string;
  label: string;
  value: string;
  onChange: (value: string) => void;
  rows: number;
  hint?: string | null;
  error?: string | null;
}) {
  return (
    <Field id={id} label={label} hint={hint} error={error}>
      {(ids) => (
        <textarea
          {...ids}
          className="field"
          rows={rows}
          value={value}
          onChange={(e) => onChange(e.target.value)}
        />
      )}
    </Field>
  );
}

type SelectProps = {
  id?: string;
  label: string;
  hint?: string | null;
  value: string;
  onChange: (value: string) => void;
  options: { value: string; label: string }[];
  error?: string | null;
};

export function SelectField({ id, label, hint, value, onChange, options, error }: SelectProps) {
  return (
    <Field id={id} label={label} hint={hint} error={error}>
      {(ids) => (
        <select {...ids} className="field" value={value} onChange={(e) => onChange(e.target.value)}>
          <option value="" />
          {options.map((option) => (
            <option key={option.value} value={option.value}>
              {option.label}
            </option>
          ))}
        </select>
      )}
    </Field>
  );
}

export function CheckField({
  label,
  checked,
  onChange,
}: {
  label: string;
  checked: boolean;
  onChange: (checked: boolean) => void;
}) {
  const id = useId();
  return (
    <div className="flex min-h-11 items-center gap-3">
      <input
        id={id}
        type="checkbox"
        className="checkbox checkbox-primary"
        checked={checked}
        onChange={(e) => onChange(e.target.checked)}
      />
      <label htmlFor={id} className="flex min-h-11 grow items-center">
        {label}
      </label>
    </div>
  );
}

/** Yes or no, neither chosen at first. */
export function YesNoField({
  label,
  value,
  onChange,
  yes,
  no,
  error,
}: {
  label: string;
  value: string;
  error?: string | null;
  onChange: (value: string) => void;
  yes: string;
  no: string;
}) {
  const name = useId();
  return (
    <fieldset className="flex flex-wrap items-center gap-x-6">
      <legend className="mb-1">{label}</legend>
      {[
        ['true', yes],
        ['false', no],
      ].map(([option, text]) => (
        <label key={option} className="flex min-h-11 items-center gap-2">
          <input
            type="radio"
            className="radio radio-primary"
            name={name}
            checked={value === option}
            onChange={() => onChange(option ?? '')}
          />
          {text}
        </label>
      ))}
      {error && <p className="w-full text-sm font-semibold text-error">{error}</p>}
    </fieldset>
  );
}
