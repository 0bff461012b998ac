import { type ComponentProps, lazy, Suspense, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { DayField } from '../components/DayField';
import { CheckField, SelectField, TextField } from '../components/Field';
import { ChoiceCards } from './ChoiceCards';
import { useFault } from './Faults';
import { NamesField, RecordField, RowsField } from './ManyFields';
import { MonthsField } from './MonthsField';
import { PeriodsField } from './PeriodsField';
import { type Asked, type Given, isAsked, isRecord, readAs } from './shapes';
import { ZoneField } from './ZoneField';

/** Fetched only by pages that ask with them: few do, and they bring much with them. */
const PhotoField = lazy(() => import('./PhotoField').then((it) => ({ default: it.PhotoField })));
const SuggestField = lazy(() => import('./SuggestField').then((it) => ({ default: it.SuggestField })));

export type People = { id: string; givenName?: string }[];

type Props = {
  asked: Asked;
  record: Given;
  /** Leads to the record in the application; ties a fault to its field. */
  within?: string;
  people?: People;
  /** What a browser may fill in by itself, in its own words; `off` for what is about someone else. */
  autoComplete?: string | undefined;
  onChange: (record: Given) => void;
};

/** Which keys a phone shows first. */
const INPUT_MODE: Partial<Record<Asked['widget'], 'decimal' | 'numeric'>> = {
  AMOUNT: 'decimal',
  HOURS: 'decimal',
  NUMBER: 'numeric',
};

/** The field for one question whose answer stands in a record: chosen by what the answer looks like, and nothing else. */
export function FactField({ asked, record, within = '', people = [], autoComplete, onChange }: Props) {
  const { t } = useTranslation();
  const path = `${within}${asked.path}`;
  const error = useFault(path);
  const value = record[asked.path];
  const set = (answer: unknown) => {
    const { [asked.path]: before, ...rest } = record;
    onChange(answer === undefined || answer === '' ? rest : { ...record, [asked.path]: answer });
  };
  if (!isAsked(asked, record)) return null;
  const labelled = { id: `fact-${path}`, label: asked.label, hint: asked.hint, error };
  switch (asked.widget) {
    case 'GROUP': {
      const inner = isRecord(value) ? value : undefined;
      return (
        <div>
          <CheckField
            label={asked.label}
            checked={inner !== undefined}
            onChange={(yes) => set(yes ? {} : undefined)}
          />
          {inner && (
            <div className="mt-2 flex flex-col gap-4 sm:flex-row">
              {asked.parts.map((part) => (
                <FactField
                  key={part.path}
                  asked={part}
                  record={inner}
                  within={`${path}/`}
                  people={people}
                  onChange={set}
                />
              ))}
            </div>
          )}
        </div>
      );
    }
    case 'YES_NO': {
      const ticked = asked.options[0]?.value !== 'false';
      return (
        <div>
          <CheckField
            label={asked.label}
            checked={value === ticked}
            onChange={(yes) => set(yes ? ticked : undefined)}
          />
          {asked.hint && <p className="quiet text-sm">{asked.hint}</p>}
        </div>
      );
    }
    case 'SEVERAL': {
      const chosen = Array.isArray(value) ? (value as string[]) : [];
      return (
        <fieldset>
          <legend className="mb-1 font-semibold">{asked.label}</legend>
          {asked.options.map((option) => (
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
      if (asked.options.some((option) => option.hint))
        return (
          <ChoiceCards {...labelled} options={asked.options} value={String(value ?? '')} onChange={set} />
        );
      return <SelectField {...labelled} value={String(value ?? '')} onChange={set} options={asked.options} />;
    case 'MEMBER':
      return people.length > 1 ? (
        <SelectField
          {...labelled}
          value={String(value ?? people[0]?.id ?? '')}
          onChange={set}
          options={people.map((each) => ({ value: each.id, label: each.givenName ?? each.id }))}
        />
      ) : null;
    case 'OCCUPATION':
      return (
        <Suggested
          {...labelled}
          from="OCCUPATION"
          takesWords={false}
          words={asked.options.find((option) => option.value === value)?.label ?? ''}
          onChange={set}
        />
      );
    case 'EMPLOYER':
      return (
        <Suggested {...labelled} from="EMPLOYER" takesWords words={String(value ?? '')} onChange={set} />
      );
    case 'DATE':
      return (
        <DayField {...labelled} autoComplete={autoComplete} value={String(value ?? '')} onChange={set} />
      );
    case 'STATISTICS': {
      const inner = isRecord(value) ? value : {};
      return (
        <div className="sheet p-5">
          <p className="font-semibold">{asked.label}</p>
          <p className="quiet mb-3 text-sm">{asked.hint}</p>
          <TextField
            label={t('apply.noStatistics')}
            value={String(inner.homeLanguage ?? '')}
            onChange={(homeLanguage) => set(homeLanguage ? { homeLanguage } : undefined)}
          />
        </div>
      );
    }
    case 'RECORD':
      return (
        <RecordField
          asked={asked}
          value={isRecord(value) ? value : {}}
          within={path}
          people={people}
          onChange={set}
        />
      );
    case 'ZONE':
      return (
        <ZoneField
          {...labelled}
          value={value}
          record={record}
          onChange={set}
          onSeen={(lines, beside) => onChange({ ...record, ...beside, [asked.path]: lines })}
        />
      );
    case 'PHOTO':
      return (
        <Suspense>
          <PhotoField
            id={labelled.id}
            label={asked.label}
            error={error ?? null}
            value={value}
            onChange={set}
          />
        </Suspense>
      );
    case 'MONTHS':
      return <MonthsField asked={asked} record={record} within={path} onChange={onChange} />;
    case 'ROWS':
      return <RowsField asked={asked} value={value} within={`${path}/`} people={people} onChange={set} />;
    case 'PERIODS':
      return <PeriodsField asked={asked} value={value} within={`${path}/`} onChange={set} />;
    case 'NAMES':
      return <NamesField asked={asked} value={value} onChange={set} />;
    default:
      return (
        <TextField
          {...labelled}
          autoComplete={autoComplete}
          inputMode={INPUT_MODE[asked.widget]}
          value={String(value ?? '')}
          onChange={(typed) => set(asked.widget === 'NUMBER' ? readAs('NUMBER', typed) : typed)}
          onLeave={() => typeof value === 'string' && set(readAs(asked.widget, value))}
        />
      );
  }
}

/** Its place is kept by a field of the same shape until it is there; what was typed into that goes on in it. */
function Suggested(props: ComponentProps<typeof SuggestField>) {
  const { id, label, hint, words, takesWords, onChange } = props;
  const [begun, setBegun] = useState(words);
  const [isIn, setIsIn] = useState(false);
  const begin = (text: string) => {
    setBegun(text);
    if (takesWords) onChange(text);
  };
  return (
    <Suspense
      fallback={
        <TextField
          id={id}
          label={label}
          hint={hint ?? null}
          value={begun}
          onChange={begin}
          onEnter={() => setIsIn(true)}
          onLeave={() => setIsIn(false)}
        />
      }
    >
      <SuggestField {...props} begun={begun} focused={isIn} />
    </Suspense>
  );
}
