import { useTranslation } from 'react-i18next';
import { CheckField } from '../components/Field';
import type { Answers, Person } from './answers';
import { useFault } from './Faults';
import { LineFields } from './Incomes';
import type { Asked, Given } from './shapes';
import { useAdded } from './useAdded';

type ListWidget = 'RESOURCES' | 'EXPENSES';

/** The lines of one list in an application. */
export function HouseholdLines({
  asked,
  answers,
  onChange,
}: {
  asked: Asked;
  answers: Answers;
  onChange: (answers: Answers) => void;
}) {
  return (
    <Lines
      asked={asked}
      people={answers.members ?? []}
      lines={answers[asked.path] as Given[] | undefined}
      onChange={(lines) => {
        const { [asked.path]: before, ...rest } = answers;
        onChange(lines === undefined ? rest : { ...answers, [asked.path]: lines });
      }}
    />
  );
}

type Props = {
  asked: Asked;
  people: Person[];
  /** Undefined while nothing has been said; empty once it has been said that there is nothing. */
  lines: Given[] | undefined;
  onChange: (lines: Given[] | undefined) => void;
};

/** Line by line, or the statement that there is nothing. */
export function Lines({ asked, people, lines, onChange }: Props) {
  const { t } = useTranslation();
  const fault = useFault(asked.path);
  const given = lines ?? [];
  const list = asked.widget as ListWidget;
  const { lines: place, added } = useAdded<HTMLElement>();
  return (
    <section ref={place} className="sheet mb-4" aria-label={t(`lines.${list}.title`)}>
      <h2 className="p-5 pb-3 text-lg">{t(`lines.${list}.title`)}</h2>
      {given.map((line, i) => (
        <div key={i} data-line="" className="space-y-3 border-t border-base-300 p-5">
          <LineFields
            asked={asked}
            line={line}
            within={`${asked.path}/${i}/`}
            people={people}
            onChange={(changed) => onChange(given.map((each, at) => (at === i ? changed : each)))}
          />
          <button
            type="button"
            className="min-h-11 cursor-pointer font-semibold text-error"
            aria-label={t('apply.removeLine', { what: t(`lines.${list}.title`), number: i + 1 })}
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
        {fault && <p className="font-semibold text-error">{fault}</p>}
        <button
          id={`fact-${asked.path}`}
          type="button"
          className="btn btn-outline btn-primary h-auto min-h-11"
          onClick={() => {
            onChange([...given, {}]);
            added();
          }}
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
