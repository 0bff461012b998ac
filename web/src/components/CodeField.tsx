import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { FormText } from './FormText';

type Props<Form extends FieldValues> = {
  control: Control<Form>;
  name: FieldPath<Form>;
  label: string;
  hint?: string;
  problem: unknown;
};

/** A field for a code that was sent or is shown by an app; phones offer the one that came. */
export function CodeField<Form extends FieldValues>(props: Props<Form>) {
  return <FormText {...props} path="code" autoComplete="one-time-code" required />;
}
