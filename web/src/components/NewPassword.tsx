import type { Control, FieldPath, FieldValues } from 'react-hook-form';
import { useTranslation } from 'react-i18next';
import { FormText } from './FormText';

type Props<Form extends FieldValues> = {
  control: Control<Form>;
  name: FieldPath<Form>;
  label: string;
  /** What the server said to the form; it stands here when it is about this field. */
  problem: unknown;
};

/** A field for a password that is chosen now: says what it takes, and lets password managers propose one. */
export function NewPassword<Form extends FieldValues>({ control, name, label, problem }: Props<Form>) {
  const { t } = useTranslation();
  return (
    <FormText
      control={control}
      name={name}
      label={label}
      hint={t('account.passwordHint')}
      type="password"
      autoComplete="new-password"
      problem={problem}
    />
  );
}
