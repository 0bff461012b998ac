import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { CheckField, SelectField, TextField } from '../../components/Field';
import { withoutBlanks } from './answers';

type Record_ = { [path: string]: unknown };
type Props = { question: Schemas['Asked']; record: Record_; onChange: (record: Record_) => void };

/** One question whose answer stands in a record under its path; the server says what it is and when it shows. */
export function PlainQuestion({ question, record, onChange }: Props) {
  const { t } = useTranslation();
  const value = record[question.path];
  const set = (answer: unknown) => onChange(withoutBlanks({ ...record, [question.path]: answer }));
  if (question.when && !holds(record[question.when.path], question.when.equals)) return null;
  switch (question.widget) {
    case 'GROUP': {
      const within = isRecord(value) ? value : undefined;
      return (
        <div>
          <CheckField
            label={question.label}
            checked={within !== undefined}
            onChange={(yes) => set(yes ? {} : undefined)}
          />
          {within && (
            <div className="mt-2 flex flex-col gap-4 sm:flex-row">
              {question.parts.map((part) => (
                <PlainQuestion key={part.path} question={part} record={within} onChange={set} />
              ))}
            </div>
          )}
        </div>
      );
    }
    case 'YES_NO': {
      const ticked = question.options[0]?.value !== 'false';
      return (
        <div>
          <CheckField
            label={question.label}
            checked={value === ticked}
            onChange={(yes) => set(yes ? ticked : undefined)}
          />
          {question.hint && <p className="quiet text-sm">{question.hint}</p>}
        </div>
      );
    }
    case 'SEVERAL': {
      const chosen = Array.isArray(value) ? (value as string[]) : [];
      return (
        <fieldset>
          <legend className="mb-1 font-semibold">{question.label}</legend>
          {question.options.map((option) => (
            <CheckField
              key={option.value}
              label={option.label}
              checked={chosen.includes(option.value)}
              onChange={(yes) =>
                set(yes ? [...chosen, option.value] : chosen.filter((each) => each !== option.value))
              }
            />
          ))}
        </fieldset>
      );
    }
    case 'CHOICE':
      return (
        <SelectField
          label={question.label}
          value={String(value ?? '')}
          onChange={set}
          options={question.options}
        />
      );
    case 'NUMBER':
      return (
        <TextField
          label={question.label}
          hint={question.hint}
          inputMode="numeric"
          value={String(value ?? '')}
          onChange={(typed) => set(/^\d+$/.test(typed) ? Number(typed) : typed)}
        />
      );
    case 'STATISTICS': {
      const within = isRecord(value) ? value : {};
      return (
        <div className="sheet p-5">
          <p className="font-semibold">{question.label}</p>
          <p className="quiet mb-3 text-sm">{question.hint}</p>
          <TextField
            label={t('apply.noStatistics')}
            value={String(within.homeLanguage ?? '')}
            onChange={(homeLanguage) => set(homeLanguage ? { homeLanguage } : undefined)}
          />
        </div>
      );
    }
    case 'DATE':
      return (
        <DayField label={question.label} hint={question.hint} value={String(value ?? '')} onChange={set} />
      );
    default:
      return (
        <TextField label={question.label} hint={question.hint} value={String(value ?? '')} onChange={set} />
      );
  }
}

function isRecord(value: unknown): value is Record_ {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/** A group that was answered with yes stands there as an object. */
function holds(value: unknown, wanted: string): boolean {
  return wanted === 'true' ? Boolean(value) : String(value ?? 'false') === wanted;
}
