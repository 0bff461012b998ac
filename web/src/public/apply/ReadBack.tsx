import { type UseMutationResult, useQuery } from '@tanstack/react-query';
import { useState } from 'react';
import { useTranslation } from 'react-i18next';
import { useNavigate } from 'react-router';
import { api, type Schemas, take } from '../../api/client';
import { NO_CONTACT } from '../../claim/ContactFields';
import { CheckField, TextField } from '../../components/Field';
import { Press } from '../../components/Press';
import { isAbout, Problem } from '../../components/Problem';
import { type Answers, nameOf } from '../../facts/answers';
import { factText, labelled, partsText, recordLines } from '../../facts/FactText';
import { FaultList } from '../../facts/Faults';
import type { Fault } from '../../facts/faultsOf';
import { monthsIn } from '../../facts/monthLines';
import { type Asked, type Given, isAsked, isRecord } from '../../facts/shapes';
import { monthText } from '../../i18n';

type Props = {
  form: Schemas['Form'];
  draft: string;
  answers: Answers;
  /** What this case would come to otherwise, sentence by sentence. */
  costs: string[];
  /** What is still to be put right, and in which chapter. */
  open: Found[];
  /** What may stay as it is, and was hardly meant. */
  doubtful: Found[];
  /** Leads to a question of a chapter. */
  onChange: (chapter: string, question: string) => void;
  handIn: UseMutationResult<Schemas['Receipt'], Error, Schemas['HandIn']>;
};

type Found = { chapter: string; fault: Fault };

/** Everything that was said, chapter by chapter, then the signature. */
export function ReadBack({ form, draft, answers, costs, open, doubtful, onChange, handIn }: Props) {
  const { t } = useTranslation();
  const go = useNavigate();
  const [name, setName] = useState('');
  const [last4, setLast4] = useState('');
  const [none, setNone] = useState(false);
  const error = (path: string) => (isAbout(handIn.error, path) ? (handIn.error?.message ?? '') : null);
  return (
    <>
      {[
        { found: open, title: t('apply.open', { count: open.length }) },
        { found: doubtful, title: t('apply.doubtful', { count: doubtful.length }) },
      ].map(({ found, title }) => (
        <FaultList
          key={title}
          faults={found.map((each) => each.fault)}
          title={title}
          onGo={(fault) => {
            const at = found.find((each) => each.fault === fault);
            if (at) onChange(at.chapter, fault.path);
          }}
        />
      ))}
      {form.chapters.map((chapter) => (
        <section key={chapter.id} className="sheet mb-3 p-5">
          <h2 className="text-lg">{chapter.title}</h2>
          {partsOf(chapter, answers, t).map(({ question, label, lines }) => (
            <div
              key={question}
              className="mt-2 flex items-start gap-4 border-t border-base-300 pt-2 first-of-type:border-t-0"
            >
              <ul className="min-w-0 flex-1 break-words">
                {lines.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
              <button
                type="button"
                aria-label={`${t('apply.change')}: ${label}`}
                className="min-h-11 cursor-pointer px-1 font-semibold text-primary print:hidden"
                onClick={() => onChange(chapter.id, question)}
              >
                {t('apply.change')}
              </button>
            </div>
          ))}
        </section>
      ))}
      <ToShow draft={draft} />
      {(form.offer.toKnow.length > 0 || costs.length > 0) && (
        <section className="sheet mt-6 border-s-4 border-s-warning p-5">
          <h2 className="text-xl">{t('offer.toKnow')}</h2>
          <ul className="mt-1 space-y-1">
            {[...form.offer.toKnow, ...costs].map((each) => (
              <li key={each}>{each}</li>
            ))}
          </ul>
        </section>
      )}
      <section className="sheet mt-6 space-y-4 border-s-4 border-s-primary p-5">
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
        <Press
          type="button"
          className="btn btn-primary h-auto min-h-12 px-5"
          busy={handIn.isPending}
          onClick={() =>
            handIn.mutate({ name, ...(none ? {} : { last4: last4.trim() }) } as Schemas['HandIn'], {
              onSuccess: (receipt) => go(`/my/${receipt.claim}/receipt`, { replace: true }),
            })
          }
        >
          {handIn.isPending ? t('apply.handingIn') : t('apply.handIn')}
        </Press>
      </section>
    </>
  );
}

/** What was said in a chapter, question by question. */
function partsOf(chapter: Schemas['Part'], answers: Answers, t: T) {
  if (chapter.id === 'contact') {
    return [{ question: 'contact/street', label: chapter.title, lines: contactLines(answers, t) }];
  }
  return chapter.questions
    .map((asked) => ({
      question: firstField(asked, answers),
      label: asked.label || chapter.title,
      lines: said(asked, answers, t),
    }))
    .filter(({ lines }) => lines.length > 0);
}

/** Where the first field of a question stands. */
function firstField(asked: Asked, answers: Answers): string {
  const [part] = asked.parts;
  const [member] = answers.members ?? [];
  const [income] = answers.incomes ?? [];
  switch (asked.widget) {
    case 'PEOPLE':
    case 'EACH_PERSON':
      return `members/${member?.id}/${part?.path}`;
    case 'INCOMES':
      return income ? `incomes/${income.id}/${part?.path}` : `incomes-of/${member?.id}`;
    default:
      return asked.path;
  }
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
  const allowed = (['mayEmail', 'mayText', 'mayCall', 'mayLetter'] as const)
    .filter((way) => contact[way])
    .map((way) => t(`contact.${way}`));
  const lines = [
    [address, contact.postCode].filter(Boolean).join(', '),
    contact.phone,
    contact.email,
    allowed.length > 0 ? t('contact.allowed', { ways: allowed.join(', ') }) : t('contact.noneAllowed'),
    contact.safeName && t('contact.asName', { name: contact.safeName }),
    contact.safeTime,
    contact.language && t(`contact.languages.${contact.language}`),
  ].filter((line): line is string => Boolean(line));
  return lines;
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
        asked.parts.some(isTyped)
          ? named(asked, t('facts.notAnswered'))
          : t('facts.nobody', {
              what: asked.parts
                .filter(isNoName)
                .map((part) => part.label)
                .join(', '),
            }),
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
        named(asked, t('facts.notAnswered')),
      );
    }
    case 'RESOURCES':
    case 'EXPENSES': {
      const lines = answers[asked.path] as Given[] | undefined;
      if (lines === undefined) return [labelled(asked.label, t('facts.notAnswered'))];
      if (lines.length === 0) return [t(`lines.${asked.widget}.none`)];
      return lines.map((line) => partsText(asked.parts, line, t, members));
    }
    case 'RECORD':
      return recordLines(
        asked,
        isRecord(answers[asked.path]) ? (answers[asked.path] as Given) : {},
        t,
        members,
      );
    case 'MONTHS':
      return [
        labelled(asked.label, factText(asked, answers[asked.path], t)),
        ...asked.options
          .filter((list) => monthsIn(answers, list.value).length > 0)
          .map((list) => labelled(list.label, monthsIn(answers, list.value).map(monthText).join(', '))),
      ];
    default:
      return isAsked(asked, answers)
        ? [labelled(asked.label, factText(asked, answers[asked.path], t, members))]
        : [];
  }
}

/** That nothing was said, with what was asked. */
function named(asked: Asked, nothing: string): string {
  return asked.label ? labelled(asked.label, nothing) : nothing;
}

/** Names head their line; they are not said twice. */
function isNoName(part: Asked): boolean {
  return part.path !== 'givenName' && part.path !== 'familyName';
}

function isTyped(part: Asked): boolean {
  return part.widget !== 'YES_NO' && part.widget !== 'GROUP';
}

function orNothing(lines: string[], nothing: string): string[] {
  const given = lines.filter(Boolean);
  return given.length > 0 ? given : [nothing];
}
