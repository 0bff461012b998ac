import { useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useNavigate, useParams } from 'react-router';
import { ProblemError, type Schemas } from '../../api/client';
import { useProgramme } from '../../api/programme';
import { Page } from '../../components/Page';
import { Problem } from '../../components/Problem';
import type { Answers } from '../../facts/answers';
import { FactField } from '../../facts/FactField';
import { FaultList, FaultsAtFields } from '../../facts/Faults';
import { type Fault, faultsOf } from '../../facts/faultsOf';
import { Incomes } from '../../facts/Incomes';
import { HouseholdLines } from '../../facts/Lines';
import { ContactStep } from './ContactStep';
import { EachPerson, People } from './People';
import { ReadBack } from './ReadBack';
import { Receipt } from './Receipt';
import { SoFar } from './SoFar';
import { useDraft } from './useDraft';

const READ_BACK = 'read';
const CONTACT = 'contact';

/** The application: short chapters, saved at every step, then read back and signed. */
export function ApplyScreen() {
  const { t } = useTranslation();
  const { programme = '' } = useParams();
  const form = useProgramme(programme);
  const { draft, save, handIn } = useDraft(programme);
  const go = useNavigate();
  const [answers, setAnswers] = useState<Answers>();
  const [chapter, setChapter] = useState<string>();
  const [faults, setFaults] = useState<Fault[]>([]);
  const saved = draft.data;
  useEffect(() => {
    if (!saved) return;
    setAnswers((now) => now ?? (saved.answers as Answers));
    setChapter((now) => now ?? saved.chapter);
  }, [saved]);

  if (handIn.data) return <Receipt receipt={handIn.data} />;
  if (draft.error) return <Already problem={draft.error} />;
  if (!form.data || !saved || !answers || !chapter) return <Page title={t('loading')}>{t('loading')}</Page>;

  const chapters = [
    ...form.data.chapters,
    { id: CONTACT, title: t('contact.chapter'), intro: t('contact.intro'), questions: [] },
  ];
  const at = chapters.findIndex((each) => each.id === chapter);
  const part = chapters[at];
  const steps = [...chapters.map((each) => each.id), READ_BACK];
  const goTo = (next: string, then?: () => void) => {
    save.mutate(
      { answers, chapter: next },
      {
        onSuccess: (now) => {
          setAnswers(now.answers as Answers);
          setChapter(next);
          setFaults([]);
          window.scrollTo(0, 0);
          then?.();
        },
        onError: (problem) => {
          if (problem instanceof ProblemError && problem.status === 409) setAnswers(undefined);
        },
      },
    );
  };
  return (
    <Page title={part?.title ?? t('apply.readTitle')}>
      <div className="grid gap-8 lg:grid-cols-[1fr_340px]">
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            if (!part) return;
            const found = faultsOf(part.questions, answers);
            setFaults(found);
            if (found.length === 0) goTo(steps[at + 1] ?? READ_BACK);
            else window.scrollTo(0, 0);
          }}
        >
          <p className="quiet text-sm">
            {form.data.offer.name} · {save.isPending ? t('apply.saving') : t('apply.saved')}
          </p>
          <h1 className="mt-1 text-3xl">{part?.title ?? t('apply.readTitle')}</h1>
          <p className="mt-2 mb-5 max-w-prose">{part?.intro ?? t('apply.readIntro')}</p>
          <FaultList faults={faults} />
          <FaultsAtFields faults={faults}>
            {part?.questions.map((question) => (
              <QuestionOf key={question.path} question={question} answers={answers} onChange={setAnswers} />
            ))}
          </FaultsAtFields>
          {chapter === CONTACT && <ContactStep answers={answers} onChange={setAnswers} />}
          {!part && (
            <ReadBack
              form={{ ...form.data, chapters }}
              draft={saved.id}
              answers={answers}
              onChange={(to) => setChapter(to)}
              handIn={handIn}
            />
          )}
          <Problem of={save.error} />
          <div className="mt-6 flex flex-wrap items-center gap-x-6 gap-y-3">
            {part && (
              <button type="submit" className="btn btn-primary h-12 px-5" disabled={save.isPending}>
                {steps[at + 1] === READ_BACK ? t('apply.toRead') : t('apply.next')}
              </button>
            )}
            {at !== 0 && (
              <button
                type="button"
                className="min-h-11 cursor-pointer font-semibold text-primary"
                onClick={() => goTo(steps[(at < 0 ? steps.length - 1 : at) - 1] ?? steps[0] ?? READ_BACK)}
              >
                {t('back')}
              </button>
            )}
            <span className="flex-1" />
            <button
              type="button"
              className="quiet min-h-11 cursor-pointer"
              onClick={() => goTo(chapter, () => go('/my'))}
            >
              {t('apply.leave')}
            </button>
          </div>
        </form>
        <SoFar estimate={saved.estimate} chapters={chapters} now={chapter} onGo={(to) => goTo(to)} />
      </div>
    </Page>
  );
}

function QuestionOf({
  question,
  answers,
  onChange,
}: {
  question: Schemas['Asked'];
  answers: Answers;
  onChange: (answers: Answers) => void;
}) {
  switch (question.widget) {
    case 'PEOPLE':
      return <People question={question} answers={answers} onChange={onChange} />;
    case 'EACH_PERSON':
      return <EachPerson question={question} answers={answers} onChange={onChange} />;
    case 'INCOMES':
      return <Incomes asked={question} answers={answers} onChange={onChange} />;
    case 'RESOURCES':
    case 'EXPENSES':
      return <HouseholdLines asked={question} answers={answers} onChange={onChange} />;
    case 'STATISTICS':
      return <FactField asked={question} record={answers} onChange={(now) => onChange(now as Answers)} />;
    default:
      return (
        <div className="sheet mb-4 p-5">
          <FactField
            asked={question}
            record={answers}
            people={answers.members}
            onChange={(now) => onChange(now as Answers)}
          />
        </div>
      );
  }
}

/** The household has applied already for this season. */
function Already({ problem }: { problem: Error }) {
  const { t } = useTranslation();
  return (
    <Page title={t('my.title')}>
      <Problem of={problem} />
      <Link to="/my" className="btn btn-primary h-12">
        {t('apply.toMyClaims')}
      </Link>
    </Page>
  );
}
