import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import { FactField } from '../../facts/FactField';
import { flat } from '../../facts/monthLines';
import type { Asked, Given } from '../../facts/shapes';

type Props = {
  other: Schemas['Other'];
  busy: boolean;
  error: Error | null;
  onPaper: (paper: string, page: number) => void;
  onTake: (said: Schemas['Said']) => void;
};

/** A form that came back on paper: see it, and take down what it says. */
export function TakeDown({ other, busy, error, onPaper, onTake }: Props) {
  const { t } = useTranslation();
  const [name, setName] = useState('');
  const [given, setGiven] = useState<Given>({});
  const signs = other.kind === 'SIGNATURE';
  const answers = flat(other.asked as Asked[], given);
  return (
    <form
      className="space-y-3 border-s-4 border-s-error bg-base-100 p-4"
      onSubmit={(event) => {
        event.preventDefault();
        onTake({ name, answers, remarks: {} });
      }}
    >
      <p className="font-semibold">{t('others.formBack')}</p>
      {other.forms.map((form) => (
        <button
          key={form}
          type="button"
          className="btn btn-sm btn-outline btn-primary"
          onClick={() => onPaper(form, 1)}
        >
          {t('others.seeForm')}
        </button>
      ))}
      <Problem of={error} />
      {signs && (
        <TextField
          label={t('others.signedAs')}
          hint={t('others.signedHint')}
          value={name}
          onChange={setName}
        />
      )}
      {(other.asked as Asked[]).map((each) => (
        <FactField key={each.path} asked={each} record={given} onChange={setGiven} />
      ))}
      <Press type="submit" className="btn btn-sm btn-primary" busy={busy}>
        {t('others.takeDown')}
      </Press>
    </form>
  );
}
