import { useTranslation } from 'react-i18next';
import { type Answers, nameOf, newId, type Person } from '../../facts/answers';
import { FactField } from '../../facts/FactField';
import { type Asked, isAsked } from '../../facts/shapes';
import { useAdded } from '../../facts/useAdded';

/** What a browser knows about whoever applies, by the fields of a person. */
const OWN: { [field: string]: string } = {
  givenName: 'given-name',
  familyName: 'family-name',
  dateOfBirth: 'bday',
};

type Props = { question: Asked; answers: Answers; onChange: (answers: Answers) => void };

/** The household, its people one after the other. */
export function People({ question, answers, onChange }: Props) {
  const { t } = useTranslation();
  const members = answers.members ?? [];
  const { lines, added } = useAdded<HTMLDivElement>();
  const remove = (id: string) =>
    onChange({
      ...answers,
      members: members.filter((each) => each.id !== id),
      incomes: answers.incomes?.filter((line) => line.member !== id),
      noIncomeDeclared: answers.noIncomeDeclared?.filter((member) => member !== id),
    });
  return (
    <div ref={lines} className="space-y-4">
      {members.map((person, i) => (
        <fieldset key={person.id} data-line="" className="sheet p-5">
          <legend className="told float-start mb-3 w-full text-lg">
            {person.relationship === 'SELF'
              ? t('apply.you')
              : nameOf(person) || t('apply.person', { number: i + 1 })}
          </legend>
          <div className="clear-both grid gap-4 sm:grid-cols-2">
            <PartsOf question={question} person={person} answers={answers} onChange={onChange} />
          </div>
          {person.relationship !== 'SELF' && (
            <button
              type="button"
              className="mt-3 min-h-11 cursor-pointer font-semibold text-error"
              aria-label={`${t('apply.remove')}: ${nameOf(person) || t('apply.person', { number: i + 1 })}`}
              onClick={() => remove(person.id)}
            >
              {t('apply.remove')}
            </button>
          )}
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-outline btn-primary h-auto min-h-11"
        onClick={() => {
          onChange({
            ...answers,
            members: [...members, { id: newId('m', members), familyName: members[0]?.familyName ?? '' }],
          });
          added();
        }}
      >
        {t('apply.addPerson')}
      </button>
    </div>
  );
}

/** The same questions, asked of each person of the household whom they concern. */
export function EachPerson({ question, answers, onChange }: Props) {
  const concerned = (answers.members ?? []).filter((person) =>
    question.parts.some((part) => isAsked(part, person)),
  );
  return (
    <div className="space-y-4">
      {concerned.map((person) => (
        <fieldset key={person.id} className="sheet space-y-3 p-5">
          <legend className="told float-start mb-2 w-full text-lg">{nameOf(person)}</legend>
          <div className="clear-both space-y-3">
            <PartsOf question={question} person={person} answers={answers} onChange={onChange} />
          </div>
        </fieldset>
      ))}
    </div>
  );
}

function PartsOf({ question, person, answers, onChange }: Props & { person: Person }) {
  const change = (changed: Person) =>
    onChange({
      ...answers,
      members: (answers.members ?? []).map((each) => (each.id === changed.id ? changed : each)),
    });
  return question.parts.map((part) => (
    <FactField
      key={part.path}
      asked={part}
      record={person}
      within={`members/${person.id}/`}
      people={answers.members}
      autoComplete={person.relationship === 'SELF' ? OWN[part.path] : 'off'}
      onChange={(record) => change(record as Person)}
    />
  ));
}
