import { type FormEvent, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { useOpened } from '../../components/useOpened';

type Props = {
  title: string;
  words: string;
  label: string;
  hint: string;
  doIt: string;
  busy: boolean;
  error: Error | null;
  onDo: (reason: string) => void;
  onClose: () => void;
};

/** Asks for the reason of something that is done to a document, and says what it will do. */
export function WithReason({ title, words, label, hint, doIt, busy, error, onDo, onClose }: Props) {
  const { t } = useTranslation();
  const panel = useOpened<HTMLFormElement>(onClose);
  const [reason, setReason] = useState('');
  const submit = (event: FormEvent) => {
    event.preventDefault();
    onDo(reason);
  };
  const missing = isAbout(error, 'reason') ? (error?.message ?? null) : null;
  return (
    <form
      ref={panel}
      className="mt-2 space-y-3 border-s-4 border-s-primary bg-base-200/60 p-3"
      onSubmit={submit}
    >
      <h3 className="font-bold">{title}</h3>
      <p>{words}</p>
      {!missing && <Problem of={error} />}
      <TextField label={label} hint={hint} value={reason} onChange={setReason} error={missing} />
      <div className="flex flex-wrap gap-5">
        <Press type="submit" className="btn btn-sm btn-primary" busy={busy}>
          {doIt}
        </Press>
        <button type="button" className="min-h-9 cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
    </form>
  );
}
