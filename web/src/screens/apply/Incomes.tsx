import { useTranslation } from 'react-i18next';
import { CheckField, SelectField, TextField } from '../../components/Field';
import {
  type Answers,
  amountOf,
  type Income,
  isGrownUp,
  nameOf,
  newId,
  type Person,
  withoutBlanks,
} from './answers';

const KINDS = [
  'WAGES',
  'SELF_EMPLOYMENT',
  'UNEMPLOYMENT_BENEFIT',
  'PENSION',
  'DISABILITY_PENSION',
  'CHILD_SUPPORT',
  'SPOUSAL_SUPPORT',
  'RENTAL',
  'INTEREST_DIVIDENDS',
  'CASH_ASSISTANCE',
  'FAMILY_SUPPORT',
  'FOSTER_PAYMENT',
  'STUDENT_GRANT',
  'LOAN',
  'FOOD_ASSISTANCE',
  'OTHER',
] as const;
export const FREQUENCIES = [
  'WEEKLY',
  'FORTNIGHTLY',
  'TWICE_MONTHLY',
  'MONTHLY',
  'QUARTERLY',
  'YEARLY',
] as const;

/** What each adult lives on. */
export function Incomes({ answers, onChange }: { answers: Answers; onChange: (answers: Answers) => void }) {
  const adults = (answers.members ?? []).filter((person) => isGrownUp(person));
  return (
    <div className="space-y-6">
      {adults.map((person) => (
        <IncomesOf
          key={person.id}
          person={person}
          all={answers.incomes ?? []}
          none={(answers.noIncomeDeclared ?? []).includes(person.id)}
          onChange={(lines, none) =>
            onChange({
              ...answers,
              incomes: [...(answers.incomes ?? []).filter((line) => line.member !== person.id), ...lines],
              noIncomeDeclared: [
                ...(answers.noIncomeDeclared ?? []).filter((id) => id !== person.id),
                ...(none ? [person.id] : []),
              ],
            })
          }
        />
      ))}
    </div>
  );
}

type OfProps = {
  person: Person;
  all: Income[];
  none: boolean;
  onChange: (lines: Income[], none: boolean) => void;
};

/** The income lines of one person, or their statement that there are none. */
export function IncomesOf({ person, all, none, onChange }: OfProps) {
  const { t } = useTranslation();
  const name = person.givenName || nameOf(person);
  const lines = all.filter((line) => line.member === person.id);
  const change = (changed: Income) =>
    onChange(
      lines.map((line) => (line.id === changed.id ? withoutBlanks(changed) : line)),
      false,
    );
  return (
    <section className="sheet" aria-label={t('apply.receives', { name })}>
      <h2 className="p-5 pb-3 text-lg">{t('apply.receives', { name })}</h2>
      {lines.map((line) => (
        <IncomeFields
          key={line.id}
          line={line}
          onChange={change}
          onRemove={() =>
            onChange(
              lines.filter((each) => each.id !== line.id),
              none,
            )
          }
        />
      ))}
      <div className="space-y-2 border-t border-base-300 p-5">
        <button
          type="button"
          className="btn btn-outline btn-primary h-11"
          onClick={() => onChange([...lines, { id: newId('i', all), member: person.id }], false)}
        >
          {t('apply.addAmount')}
        </button>
        {lines.length === 0 && (
          <CheckField
            label={t('apply.nothingElse', { name })}
            checked={none}
            onChange={(checked) => onChange([], checked)}
          />
        )}
      </div>
    </section>
  );
}

function IncomeFields({
  line,
  onChange,
  onRemove,
}: {
  line: Income;
  onChange: (line: Income) => void;
  onRemove: () => void;
}) {
  const { t } = useTranslation();
  return (
    <div className="space-y-3 border-t border-base-300 p-5">
      <div className="flex flex-col gap-4 sm:flex-row">
        <SelectField
          label={t('apply.whatKind')}
          value={line.kind ?? ''}
          onChange={(kind) => onChange({ ...line, kind })}
          options={KINDS.map((value) => ({ value, label: t(`kind.${value}`) }))}
        />
        <AmountField value={line.amount ?? ''} onChange={(amount) => onChange({ ...line, amount })} />
        <SelectField
          label={t('apply.howOften')}
          value={line.frequency ?? ''}
          onChange={(frequency) => onChange({ ...line, frequency })}
          options={FREQUENCIES.map((value) => ({ value, label: t(`frequency.${value}`) }))}
        />
      </div>
      {line.kind === 'WAGES' && (
        <TextField
          label={t('apply.employer')}
          value={line.employer ?? ''}
          onChange={(employer) => onChange({ ...line, employer })}
        />
      )}
      <button type="button" className="min-h-11 cursor-pointer font-semibold text-error" onClick={onRemove}>
        {t('apply.remove')}
      </button>
    </div>
  );
}

/** An amount as people type it; it takes the case file's shape when the field is left. */
export function AmountField({ value, onChange }: { value: string; onChange: (value: string) => void }) {
  const { t } = useTranslation();
  return (
    <TextField
      label={t('apply.howMuch')}
      inputMode="decimal"
      value={value}
      onChange={onChange}
      onLeave={() => value && onChange(amountOf(value))}
    />
  );
}
