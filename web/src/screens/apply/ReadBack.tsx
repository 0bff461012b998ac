import { type UseMutationResult, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { NO_CONTACT } from '../../components/ContactFields';
import { CheckField, TextField } from '../../components/Field';
import { isAbout, Problem } from '../../components/Problem';
import { amountText, dateText } from '../../i18n';
import { type Answers, nameOf, type Person } from './answers';
import type { Line, ListName } from './Lines';

type Props = {
  form: Schemas['Form'];
  draft: string;
  answers: Answers;
  onChange: (chapter: string) => void;
  handIn: UseMutationResult<Schemas['Receipt'], Error, Schemas['HandIn']>;
};

/** Everything that was said, chapter by chapter, then the signature. */
export function ReadBack({ form, draft, answers, onChange, handIn }: Props) {
  const { t } = useTranslation();
  const [name, setName] = useState('');
  const [last4, setLast4] = useState('');
  const [none, setNone] = useState(false);
  const error = (path: string) => (isAbout(handIn.error, path) ? (handIn.error?.message ?? '') : null);
  return (
    <>
      {form.chapters.map((chapter) => (
        <section key={chapter.id} className="sheet mb-3 p-5">
          <div className="flex items-baseline gap-4">
            <h2 className="flex-1 text-lg">{chapter.title}</h2>
            <button
              type="button"
              aria-label={`${t('apply.change')}: ${chapter.title}`}
              className="cursor-pointer font-semibold text-primary"
              onClick={() => onChange(chapter.id)}
            >
              {t('apply.change')}
            </button>
          </div>
          <ul className="mt-1">
            {(chapter.id === 'contact'
              ? contactLines(answers, t)
              : chapter.questions.flatMap((question) => said(question, answers, t))
            ).map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
        </section>
      ))}
      <ToShow draft={draft} />
      <section className="sheet mt-6 space-y-4 border-l-4 border-l-primary p-5">
        <h2 className="text-xl">{t('apply.signTitle')}</h2>
        <p>{t('apply.signIntro')}</p>
        <TextField
          label={t('apply.signName')}
          autoComplete="name"
          value={name}
          onChange={setName}
          error={error('name')}
        />
        {form.asksSignerNumber && !none && (
          <TextField
            label={t('apply.last4')}
            inputMode="numeric"
            value={last4}
            onChange={setLast4}
            error={error('last4')}
          />
        )}
        {form.asksSignerNumber && <CheckField label={t('apply.none')} checked={none} onChange={setNone} />}
        {!error('name') && !error('last4') && <Problem of={handIn.error} />}
        <button
          type="button"
          className="btn btn-primary h-12 px-5"
          disabled={handIn.isPending}
          onClick={() =>
            handIn.mutate({ name, ...(none ? {} : { last4: last4.trim() }) } as Schemas['HandIn'])
          }
        >
          {handIn.isPending ? t('apply.handingIn') : t('apply.handIn')}
        </button>
      </section>
    </>
  );
}

/** What will have to be shown, so that it can be looked for while the claim is on its way. */
function ToShow({ draft }: { draft: string }) {
  const { t } = useTranslation();
  const evidence = useQuery({
    queryKey: ['draft-evidence', draft],
    queryFn: () => take(api.GET('/api/drafts/{id}/evidence', { params: { path: { id: draft } } })),
    staleTime: 0,
  });
  if (!evidence.data?.length) return null;
  return (
    <section className="sheet mt-6 p-5" aria-labelledby="to-show">
      <h2 id="to-show" className="text-lg">
        {t('apply.toShow')}
      </h2>
      <p className="quiet mt-1">{t('apply.toShowIntro')}</p>
      <ul className="mt-2 space-y-2">
        {evidence.data.map((item) => (
          <li key={item.kind + item.subject}>
            <span className="font-semibold">{item.title}</span> <span className="quiet">{item.why}</span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function contactLines(answers: Answers, t: T): string[] {
  const contact = { ...NO_CONTACT, ...(answers.contact as object | undefined) };
  const address = [contact.street, contact.houseNumber].filter(Boolean).join(' ');
  const lines = [
    [address, contact.postCode].filter(Boolean).join(', '),
    contact.phone,
    contact.email,
    !contact.mayCall && t('contact.notCall'),
    !contact.mayText && t('contact.notText'),
    !contact.mayEmail && t('contact.notEmail'),
    !contact.mayLetter && t('contact.notLetter'),
    contact.safeName && t('contact.asName', { name: contact.safeName }),
    contact.safeTime,
  ].filter((line): line is string => Boolean(line));
  return lines.length > 0 ? lines : [t('contact.nothing')];
}

type T = ReturnType<typeof useTranslation>['t'];

function said(question: Schemas['Asked'], answers: Answers, t: T): string[] {
  const members = answers.members ?? [];
  switch (question.widget) {
    case 'PEOPLE':
      return members.map((person) =>
        [nameOf(person), person.dateOfBirth ? dateText(person.dateOfBirth) : ''].filter(Boolean).join(', '),
      );
    case 'EACH_PERSON':
      return orNothing(
        members.flatMap((person) => ofPerson(person, question.parts)),
        t,
      );
    case 'RESOURCES':
      return listLines('resources', answers, t);
    case 'EXPENSES':
      return listLines('expenses', answers, t);
    case 'SEVERAL': {
      const chosen = (answers[question.path] ?? []) as string[];
      const labels = question.options.filter((each) => chosen.includes(each.value)).map((each) => each.label);
      return [`${question.label} ${labels.join(', ') || t('apply.nothingSaid')}`];
    }
    case 'INCOMES':
      return incomeLines(answers, t);
    default: {
      const value = answers[question.path];
      if (question.widget === 'YES_NO')
        return [`${question.label}: ${value ? t('apply.yes') : t('apply.no')}`];
      if (value === undefined) return [`${question.label}: ${t('apply.nothingSaid')}`];
      return [
        typeof value === 'object'
          ? `${question.label}: ${Object.values(value as object).join(' ')}`
          : `${question.label}: ${t('apply.yes')}`,
      ];
    }
  }
}

function orNothing(lines: string[], t: T): string[] {
  return lines.length > 0 ? lines : [t('apply.nothingTicked')];
}

/** What was answered about one person, on one line; nothing when nothing was. */
function ofPerson(person: Person, parts: Schemas['Asked'][]): string[] {
  const given = parts.filter((part) => person[part.path] !== undefined);
  const words = given.map((part) => {
    const value = person[part.path];
    return typeof value === 'object' && value !== null
      ? Object.values(value).filter(Boolean).join(', ')
      : part.label;
  });
  return words.length > 0 ? [`${nameOf(person)}: ${words.join('; ')}`] : [];
}

function listLines(list: ListName, answers: Answers, t: T): string[] {
  const lines = answers[list] as Line[] | undefined;
  if (lines === undefined) return [t('apply.nothingSaid')];
  if (lines.length === 0) return [t(`lines.${list}.none`)];
  return lines.map((line) =>
    [
      t(`lines.kind.${line.kind ?? 'CASH'}` as 'lines.kind.CASH'),
      amountText(line.amount ?? '0'),
      line.frequency ? t(`frequency.${line.frequency}` as 'frequency.MONTHLY') : '',
    ]
      .filter(Boolean)
      .join(', '),
  );
}

function incomeLines(answers: Answers, t: T): string[] {
  const name = (id: string) => answers.members?.find((each) => each.id === id)?.givenName ?? '';
  const lines = (answers.incomes ?? []).map(
    (line) =>
      `${name(line.member)}: ${t(`kind.${line.kind ?? 'OTHER'}` as 'kind.OTHER')}, ${amountText(line.amount ?? '0')} ${t(`frequency.${line.frequency ?? 'MONTHLY'}` as 'frequency.MONTHLY')}`,
  );
  return [
    ...lines,
    ...(answers.noIncomeDeclared ?? []).map((id) => t('apply.nothingElse', { name: name(id) })),
  ];
}
