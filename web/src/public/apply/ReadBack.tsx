import { type UseMutationResult, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { api, type Schemas, take } from '../../api/client';
import { NO_CONTACT } from '../../claim/ContactFields';
import { CheckField, TextField } from '../../components/Field';
import { isAbout, Problem } from '../../components/Problem';
import { type Answers, nameOf } from '../../facts/answers';
import { factText, partsText } from '../../facts/FactText';
import { type Asked, type Given, isAsked } from '../../facts/shapes';

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

/** What was said to a question, a line for each person or list line; it is the question's shape that tells how. */
function said(asked: Asked, answers: Answers, t: T): string[] {
  const members = answers.members ?? [];
  switch (asked.widget) {
    case 'PEOPLE':
    case 'EACH_PERSON':
      return orNothing(
        members.map((person) => {
          const words = partsText(asked.parts.filter(isNoName), person, t, members);
          return asked.widget === 'PEOPLE'
            ? [nameOf(person), words].filter(Boolean).join(', ')
            : words && `${nameOf(person)}: ${words}`;
        }),
        t(asked.parts.some(isTyped) ? 'facts.notAnswered' : 'facts.noneTicked'),
      );
    case 'INCOMES': {
      const name = (id: string) => members.find((each) => each.id === id)?.givenName ?? '';
      return orNothing(
        [
          ...(answers.incomes ?? []).map(
            (line) => `${name(line.member)}: ${partsText(asked.parts, line, t)}`,
          ),
          ...(answers.noIncomeDeclared ?? []).map((id) => t('apply.nothingElse', { name: name(id) })),
        ],
        t('facts.notAnswered'),
      );
    }
    case 'RESOURCES':
    case 'EXPENSES': {
      const lines = answers[asked.path] as Given[] | undefined;
      if (lines === undefined) return [labelled(asked, t('facts.notAnswered'))];
      if (lines.length === 0) return [t(`lines.${asked.widget}.none`)];
      return lines.map((line) => partsText(asked.parts, line, t, members));
    }
    default:
      return isAsked(asked, answers)
        ? [labelled(asked, factText(asked, answers[asked.path], t, members))]
        : [];
  }
}

/** Names head their line; they are not said twice. */
function isNoName(part: Asked): boolean {
  return part.path !== 'givenName' && part.path !== 'familyName';
}

function isTyped(part: Asked): boolean {
  return part.widget !== 'YES_NO' && part.widget !== 'GROUP';
}

function labelled(asked: Asked, words: string): string {
  return `${asked.label}${asked.label.endsWith('?') ? '' : ':'} ${words}`;
}

function orNothing(lines: string[], nothing: string): string[] {
  const given = lines.filter(Boolean);
  return given.length > 0 ? given : [nothing];
}
