import { type Control, Controller, type FieldPath, type FieldValues } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { TextField } from './Field';
import { isAbout } from './Problem';

type Props<Form extends FieldValues> = {
  control: Control<Form>;
  name: FieldPath<Form>;
  label: string;
  hint?: string | null;
  /** What the server said to the form; it stands at the field that it is about. */
  problem?: unknown;
  /** How the server calls it, where that is not its name. */
  path?: string;
  required?: boolean;
  type?: string;
  inputMode?: 'text' | 'decimal' | 'numeric' | 'email' | 'tel';
  autoComplete?: string;
};

/** A text field of a form: it says itself when it has to be filled in, and what the server has against it. */
export function FormText<Form extends FieldValues>({
  control,
  name,
  problem,
  path = name,
  required = false,
  ...field
}: Props<Form>) {
  const { t } = useTranslation();
  const told = isAbout(problem, path) ? (problem as Error).message : null;
  return (
    <Controller
      name={name}
      control={control}
      rules={{ required }}
      render={({ field: { value, onChange, onBlur }, fieldState }) => (
        <TextField
          {...field}
          error={fieldState.error ? t('facts.fault.missing') : told}
          value={String(value ?? '')}
          onChange={onChange}
          onLeave={onBlur}
        />
      )}
    />
  );
}
