import { Fragment, lazy, Suspense, useEffect, useState } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, useLocation, useNavigate, useParams } from 'react-router';
import { useProgramme } from '../../api/programme';
import { useKept } from '../../components/kept';
import { Page } from '../../components/Page';
import { Press } from '../../components/Press';
import { Problem } from '../../components/Problem';
import type { Answers } from '../../facts/answers';
import { FaultList, FaultsAtFields } from '../../facts/Faults';
import { type Fault, faultsOf } from '../../facts/faultsOf';
import { type Clash, withAnswer } from '../../facts/mergeAnswers';
import type { Asked, Given } from '../../facts/shapes';
import { useLedToFirst } from '../../facts/useLedToFirst';
import { ContactStep } from './ContactStep';
import { contactFaults } from './contactFaults';
import { isAmong, ofOffice, toPutRight, withOffice } from './officeFaults';
import { QuestionOf } from './QuestionOf';
import { ReadBack } from './ReadBack';
import { SoFar } from './SoFar';
import { TwoTabs } from './TwoTabs';
import { isSaved, useDraft } from './useDraft';
import { usePlan } from './usePlan';

/** Few forms have a calendar; the others do not load what it takes. */
const PaintDays = lazy(() => import('../../plan/PaintDays'));

const READ_BACK = 'read';
const CONTACT = 'contact';

/** Comes with the address of a chapter when one goes there from the read-back: saved, it leads back to it. */
type From = { back?: boolean; to?: string } | null;

/** What was typed and not saved yet, and on which state of the draft. */
type Unsaved = { on: string; answers: Answers };

/** The application: short chapters, each with its address, saved at every step, then read back and signed. */
export function ApplyScreen() {
  const { t } = useTranslation();
  const { programme = '', chapter: named } = useParams();
  const from = useLocation().state as From;
  const form = useProgramme(programme);
  const go = useNavigate();
  const [kept, keep] = useKept<Unsaved>(`apply/${programme}`);
  /** Of what another tab wrote meanwhile, where both answered the same. */
  const [clashes, setClashes] = useState<Clash[]>();
  const { draft, save, handIn } = useDraft(programme, (both) => {
    keep({ on: `${both.draft.id} ${both.draft.version}`, answers: both.answers });
    setClashes(both.clashes);
    window.scrollTo(0, 0);
  });
  const [faults, setFaults] = useState<Fault[]>([]);
  const leadTo = useLedToFirst();
  /** What the office found on a page and told: who cannot put it right now goes on all the same. */
  const [seen = [], setSeen] = useKept<Fault[]>(`told/${programme}`);
  const saved = draft.data;
  const answers =
    saved && kept?.on === `${saved.id} ${saved.version}` ? kept.answers : (saved?.answers as Answers);
  const setAnswers = (now: Answers) => saved && keep({ on: `${saved.id} ${saved.version}`, answers: now });
  const [supposed = {}, suppose] = useKept<Given>(`supposed/${programme}`);
  const painted = form.data?.painted;
  const planned = usePlan(Boolean(painted), saved?.id, answers, supposed);
  const loaded = Boolean(form.data && saved);
  const begun = saved?.chapter;
  useEffect(() => {
    if (!named && begun) go(`/apply/${programme}/${begun}`, { replace: true });
  }, [named, begun, programme, go]);
  useEffect(() => {
    if (loaded && from?.to) document.getElementById(`fact-${from.to}`)?.focus();
  }, [loaded, from]);

  if (draft.error) return <Already problem={draft.error} />;
  if (!form.data || !saved) return <Page title={t('loading')}>{t('loading')}</Page>;

  const chapters = [
    ...form.data.chapters,
    { id: CONTACT, title: t('contact.chapter'), intro: t('contact.intro'), questions: [] },
  ];
  const found = (id: string) =>
    id === CONTACT
      ? contactFaults(answers, t)
      : faultsOf(chapters.find((each) => each.id === id)?.questions ?? [], answers);
  const steps = [...chapters.map((each) => each.id), READ_BACK];
  const chapter = named && steps.includes(named) ? named : saved.chapter;
  const reached = Math.max(steps.indexOf(saved.chapter), steps.indexOf(chapter));
  const at = chapters.findIndex((each) => each.id === chapter);
  const part = chapters[at];
  const known = isSaved(saved, answers) ? saved.faults : [];
  const wrong = part ? [...stillThere(faults, found(part.id)), ...ofOffice(known, part.id, seen)] : [];
  const address = (id: string) => `/apply/${programme}/${id}`;
  const goTo = (next: string, state: From = null, then = () => go(address(next), { state })) => {
    save.mutate(
      { answers, chapter: next },
      {
        onSuccess: (now) => {
          keep(undefined);
          setClashes(undefined);
          setFaults([]);
          window.scrollTo(0, 0);
          const told = part && next !== part.id ? ofOffice(now.faults, part.id) : [];
          if (told.some((each) => !isAmong(seen, each))) {
            setSeen([...seen, ...told]);
            leadTo(told);
          } else then();
        },
      },
    );
  };
  const state = save.isPaused
    ? 'apply.savedLater'
    : save.isPending
      ? 'apply.saving'
      : isSaved(saved, answers)
        ? 'apply.saved'
        : 'apply.notSaved';
  const open = chapters.flatMap((each) =>
    withOffice(found(each.id), ofOffice(toPutRight(saved.faults), each.id)).map((fault) => ({
      chapter: each.id,
      fault,
    })),
  );
  const doubtful = chapters.flatMap((each) =>
    ofOffice(
      saved.faults.filter((fault) => fault.mayStay),
      each.id,
    ).map((fault) => ({ chapter: each.id, fault })),
  );
  return (
    <Page title={part?.title ?? t('apply.readTitle')}>
      <div className="grid grid-cols-1 gap-8 pb-16 lg:grid-cols-[minmax(0,1fr)_21.25rem] lg:pb-0">
        <form
          noValidate
          onSubmit={(event) => {
            event.preventDefault();
            if (!part) return;
            const now = found(part.id);
            setFaults(now);
            if (now.length === 0) goTo(from?.back ? READ_BACK : (steps[at + 1] ?? READ_BACK));
            else leadTo(now);
          }}
        >
          <p className="quiet text-sm">
            {form.data.offer.name} · {t(state)}
          </p>
          <h1 className="mt-1 text-3xl">{part?.title ?? t('apply.readTitle')}</h1>
          <p className="mt-2 mb-5 max-w-prose">{part?.intro ?? t('apply.readIntro')}</p>
          {clashes && (
            <TwoTabs
              clashes={clashes}
              chapters={form.data.chapters}
              answers={answers}
              onChoose={(clash, value) => {
                setAnswers(withAnswer(answers, clash.path, value));
                setClashes(clashes.filter((each) => each !== clash));
              }}
            />
          )}
          <FaultList faults={wrong} />
          <FaultsAtFields faults={wrong}>
            {part?.questions.map((question) => (
              <Fragment key={question.path}>
                {painted?.facts.chapter === part.id && painted.facts.from === question.path && (
                  <Suspense>
                    <PaintDays
                      {...painted}
                      questions={part.questions as Asked[]}
                      answers={answers}
                      onChange={(now) => setAnswers(now as Answers)}
                      plan={planned?.plan}
                      supposing={form.data.supposing as Asked[]}
                      supposed={supposed}
                      onSuppose={suppose}
                    />
                  </Suspense>
                )}
                <QuestionOf question={question} answers={answers} onChange={setAnswers} />
              </Fragment>
            ))}
            {chapter === CONTACT && <ContactStep answers={answers} onChange={setAnswers} />}
          </FaultsAtFields>
          {!part && (
            <ReadBack
              form={{ ...form.data, chapters }}
              draft={saved.id}
              answers={answers}
              costs={planned?.plan?.later.map((each) => each.sentence) ?? []}
              open={open}
              doubtful={doubtful}
              onChange={(to, question) => {
                setSeen([...seen, ...ofOffice(saved.faults, to)]);
                go(address(to), { state: { back: true, to: question } });
              }}
              handIn={handIn}
            />
          )}
          <Problem of={save.error} />
          <div className="mt-6 flex flex-wrap items-center gap-x-6 gap-y-3">
            {part && (
              <Press type="submit" className="btn btn-primary h-auto min-h-12 px-5" busy={save.isPending}>
                {from?.back || steps[at + 1] === READ_BACK ? t('apply.toRead') : t('apply.next')}
              </Press>
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
              onClick={() => goTo(chapter, null, () => go('/my'))}
            >
              {t('apply.leave')}
            </button>
          </div>
        </form>
        <SoFar
          estimate={planned?.estimate ?? saved.estimate}
          plan={planned?.plan}
          chapters={[
            ...chapters.map(({ id, title }, i) => {
              const isRight = found(id).length === 0 && ofOffice(toPutRight(saved.faults), id).length === 0;
              return { id, title, done: i < reached && isRight, open: i < reached && !isRight };
            }),
            { id: READ_BACK, title: t('apply.signTitle'), done: false, open: false },
          ]}
          now={chapter}
          onGo={(to) => {
            setSeen([...seen, ...ofOffice(saved.faults, to)]);
            goTo(to);
          }}
        />
      </div>
    </Page>
  );
}

/** What was found at saving and has not been put right since; what is being typed for the first time is left alone. */
function stillThere(found: Fault[], now: Fault[]): Fault[] {
  return found.filter((fault) => now.some((each) => each.path === fault.path && each.code === fault.code));
}

/** The household has applied already for this season. */
function Already({ problem }: { problem: Error }) {
  const { t } = useTranslation();
  return (
    <Page title={t('my.title')}>
      <h1 className="text-3xl">{t('my.title')}</h1>
      <Problem of={problem} />
      <Link to="/my" className="btn btn-primary h-auto min-h-12">
        {t('apply.toMyClaims')}
      </Link>
    </Page>
  );
}
