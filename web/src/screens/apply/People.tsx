import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { DayField } from '../../components/DayField';
import { SelectField, TextField } from '../../components/Field';
import { type Answers, nameOf, newId, type Person, withoutBlanks } from './answers';
import { PlainQuestion } from './PlainQuestion';

const RELATIONSHIPS = [
  'SPOUSE',
  'PARTNER',
  'CHILD',
  'PARENT',
  'SIBLING',
  'OTHER_RELATIVE',
  'UNRELATED',
] as const;

type Props = { question: Schemas['Asked']; answers: Answers; onChange: (answers: Answers) => void };

/** The household, its people one after the other. */
export function People({ question, answers, onChange }: Props) {
  const { t } = useTranslation();
  const members = answers.members ?? [];
  const change = (changed: Person) =>
    onChange({
      ...answers,
      members: members.map((each) => (each.id === changed.id ? withoutBlanks(changed) : each)),
    });
  const remove = (id: string) =>
    onChange({
      ...answers,
      members: members.filter((each) => each.id !== id),
      incomes: answers.incomes?.filter((line) => line.member !== id),
      noIncomeDeclared: answers.noIncomeDeclared?.filter((member) => member !== id),
    });
  return (
    <div className="space-y-4">
      {members.map((person, i) => (
        <fieldset key={person.id} className="sheet space-y-4 p-5">
          <legend className="told float-left mb-3 w-full text-lg">
            {person.relationship === 'SELF'
              ? t('apply.you')
              : nameOf(person) || t('apply.person', { number: i + 1 })}
          </legend>
          <div className="clear-both flex flex-col gap-4 sm:flex-row">
            <TextField
              label={t('apply.given')}
              value={person.givenName ?? ''}
              onChange={(givenName) => change({ ...person, givenName })}
            />
            <TextField
              label={t('apply.family')}
              value={person.familyName ?? ''}
              onChange={(familyName) => change({ ...person, familyName })}
            />
          </div>
          <div className="flex flex-col gap-4 sm:flex-row">
            <DayField
              label={t('apply.born')}
              value={person.dateOfBirth ?? ''}
              onChange={(dateOfBirth) => change({ ...person, dateOfBirth })}
            />
            {person.relationship === 'SELF' ? (
              <div className="hidden flex-1 sm:block" />
            ) : (
              <SelectField
                label={t('apply.relationship')}
                value={person.relationship ?? ''}
                onChange={(relationship) => change({ ...person, relationship })}
                options={RELATIONSHIPS.map((value) => ({ value, label: t(`relationship.${value}`) }))}
              />
            )}
          </div>
          {person.relationship !== 'SELF' &&
            question.parts.map((part) => (
              <PlainQuestion
                key={part.path}
                question={part}
                record={person}
                onChange={(record) => change(record as Person)}
              />
            ))}
          {person.relationship !== 'SELF' && (
            <button
              type="button"
              className="min-h-11 cursor-pointer font-semibold text-error"
              onClick={() => remove(person.id)}
            >
              {t('apply.remove')}
            </button>
          )}
        </fieldset>
      ))}
      <button
        type="button"
        className="btn btn-outline btn-primary h-11"
        onClick={() =>
          onChange({
            ...answers,
            members: [...members, { id: newId('m', members), familyName: members[0]?.familyName ?? '' }],
          })
        }
      >
        {t('apply.addPerson')}
      </button>
    </div>
  );
}

/** The same questions, asked of each person of the household. */
export function EachPerson({ question, answers, onChange }: Props) {
  const members = answers.members ?? [];
  const change = (changed: Person) =>
    onChange({ ...answers, members: members.map((each) => (each.id === changed.id ? changed : each)) });
  const isPupils = question.parts.some((part) => part.path === 'pupil');
  const asked = members.filter(
    (person) => !isPupils || !['SELF', 'SPOUSE', 'PARTNER'].includes(person.relationship ?? ''),
  );
  return (
    <div className="space-y-4">
      {asked.map((person) => (
        <fieldset key={person.id} className="sheet space-y-3 p-5">
          <legend className="told float-left mb-2 w-full text-lg">{nameOf(person)}</legend>
          <div className="clear-both space-y-3">
            {question.parts
              .filter((part) => part.path !== 'sharesMeals' || person.relationship !== 'SELF')
              .map((part) => (
                <PlainQuestion
                  key={part.path}
                  question={part}
                  record={person}
                  onChange={(record) => change(record as Person)}
                />
              ))}
          </div>
        </fieldset>
      ))}
    </div>
  );
}
