import { useTranslation } from 'react-i18next';
import { CheckField, SelectField } from '../../components/Field';
import { type Answers, type Person, withoutBlanks } from './answers';
import { AmountField, FREQUENCIES } from './Incomes';

const RESOURCE_KINDS = [
  'CASH',
  'BANK',
  'INVESTMENT',
  'RETIREMENT',
  'HOME',
  'VEHICLE',
  'OTHER_PROPERTY',
] as const;
const EXPENSE_KINDS = [
  'RENT',
  'MORTGAGE',
  'PROPERTY_TAX',
  'HOME_INSURANCE',
  'DEPENDANT_CARE',
  'MEDICAL',
  'SUPPORT_PAID',
] as const;

/** A line of what the household owns or pays for; it has no id, its place is enough. */
export type Line = { kind?: string; amount?: string; frequency?: string; owner?: string; for?: string };
export type ListName = 'resources' | 'expenses';

/** The lines of one list in an application. */
export function HouseholdLines({
  list,
  answers,
  onChange,
}: {
  list: ListName;
  answers: Answers;
  onChange: (answers: Answers) => void;
}) {
  return (
    <Lines
      list={list}
      people={answers.members ?? []}
      lines={answers[list] as Line[] | undefined}
      onChange={(lines) => onChange(withoutBlanks({ ...answers, [list]: lines }))}
    />
  );
}

type Props = {
  list: ListName;
  people: Person[];
  /** Undefined while nothing has been said; empty once it has been said that there is nothing. */
  lines: Line[] | undefined;
  onChange: (lines: Line[] | undefined) => void;
};

/** Line by line, or the statement that there is nothing. */
export function Lines({ list, people, lines, onChange }: Props) {
  const { t } = useTranslation();
  const given = lines ?? [];
  const kinds = list === 'resources' ? RESOURCE_KINDS : EXPENSE_KINDS;
  const whose = list === 'resources' ? 'owner' : 'for';
  const change = (at: number, line: Line) =>
    onChange(given.map((each, i) => (i === at ? withoutBlanks(line) : each)));
  return (
    <section className="sheet mb-4" aria-label={t(`lines.${list}.title`)}>
      <h2 className="p-5 pb-3 text-lg">{t(`lines.${list}.title`)}</h2>
      {given.map((line, i) => (
        <div key={i} className="space-y-3 border-t border-base-300 p-5">
          <div className="flex flex-col gap-4 sm:flex-row">
            <SelectField
              label={t('apply.whatKind')}
              value={line.kind ?? ''}
              onChange={(kind) => change(i, { ...line, kind })}
              options={kinds.map((value) => ({ value, label: t(`lines.kind.${value}`) }))}
            />
            <AmountField value={line.amount ?? ''} onChange={(amount) => change(i, { ...line, amount })} />
            {list === 'expenses' && (
              <SelectField
                label={t('apply.howOften')}
                value={line.frequency ?? ''}
                onChange={(frequency) => change(i, { ...line, frequency })}
                options={FREQUENCIES.map((value) => ({ value, label: t(`frequency.${value}`) }))}
              />
            )}
            {people.length > 1 && (
              <SelectField
                label={t(`lines.${list}.whose`)}
                value={line[whose] ?? people[0]?.id ?? ''}
                onChange={(id) => change(i, { ...line, [whose]: id })}
                options={people.map((each) => ({ value: each.id, label: each.givenName ?? each.id }))}
              />
            )}
          </div>
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-error"
            onClick={() => {
              const left = given.filter((_, at) => at !== i);
              onChange(left.length > 0 ? left : undefined);
            }}
          >
            {t('apply.remove')}
          </button>
        </div>
      ))}
      <div className="space-y-2 border-t border-base-300 p-5">
        <button
          type="button"
          className="btn btn-outline btn-primary h-11"
          onClick={() => onChange([...given, {}])}
        >
          {t(`lines.${list}.add`)}
        </button>
        {given.length === 0 && (
          <CheckField
            label={t(`lines.${list}.none`)}
            checked={lines !== undefined}
            onChange={(none) => onChange(none ? [] : undefined)}
          />
        )}
      </div>
    </section>
  );
}
