import { useTranslation } from 'react-i18next';
import { CheckField } from '../components/Field';
import { type Answers, type Income, isGrownUp, nameOf, newId, type Person } from './answers';
import { FactField } from './FactField';
import { useFault } from './Faults';
import { type Asked, isAsked } from './shapes';
import { useAdded } from './useAdded';

type Props = { asked: Asked; answers: Answers; onChange: (answers: Answers) => void };

/** What each adult lives on. */
export function Incomes({ asked, answers, onChange }: Props) {
  const adults = (answers.members ?? []).filter((person) => isGrownUp(person));
  return (
    <div className="space-y-6">
      {adults.map((person) => (
        <IncomesOf
          key={person.id}
          asked={asked}
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
  asked: Asked;
  person: Person;
  all: Income[];
  none: boolean;
  onChange: (lines: Income[], none: boolean) => void;
};

/** The income lines of one person, or their statement that there are none. */
export function IncomesOf({ asked, person, all, none, onChange }: OfProps) {
  const { t } = useTranslation();
  const fault = useFault(`incomes-of/${person.id}`);
  const name = person.givenName || nameOf(person);
  const lines = all.filter((line) => line.member === person.id);
  const { lines: list, added } = useAdded<HTMLElement>();
  const change = (changed: Income) =>
    onChange(
      lines.map((line) => (line.id === changed.id ? changed : line)),
      false,
    );
  return (
    <section ref={list} className="sheet" aria-label={t('apply.receives', { name })}>
      <h2 className="p-5 pb-3 text-lg">{t('apply.receives', { name })}</h2>
      {lines.map((line, i) => (
        <div key={line.id} data-line="" className="space-y-3 border-t border-base-300 p-5">
          <LineFields
            asked={asked}
            line={line}
            within={`incomes/${line.id}/`}
            onChange={(changed) => change(changed as Income)}
          />
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-error"
            aria-label={t('apply.removeLine', { what: t('apply.receives', { name }), number: i + 1 })}
            onClick={() =>
              onChange(
                lines.filter((each) => each.id !== line.id),
                none,
              )
            }
          >
            {t('apply.remove')}
          </button>
        </div>
      ))}
      <div className="space-y-2 border-t border-base-300 p-5">
        {fault && <p className="font-semibold text-error">{fault}</p>}
        <button
          id={`fact-incomes-of/${person.id}`}
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-11"
          onClick={() => {
            onChange([...lines, { id: newId('i', all), member: person.id }], false);
            added();
          }}
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

type LineProps = {
  asked: Asked;
  line: { [path: string]: unknown };
  within: string;
  people?: Person[];
  onChange: (line: { [path: string]: unknown }) => void;
};

/** The fields of one line of a list: side by side while they are always asked, below where they depend on others. */
export function LineFields({ asked, line, within, people, onChange }: LineProps) {
  const field = (part: Asked) => (
    <FactField
      key={part.path}
      asked={part}
      record={line}
      within={within}
      people={people}
      onChange={onChange}
    />
  );
  return (
    <>
      <div className="flex flex-col gap-4 sm:flex-row">
        {asked.parts.filter((each) => !each.when).map(field)}
      </div>
      {asked.parts.filter((each) => each.when && isAsked(each, line)).map(field)}
    </>
  );
}
