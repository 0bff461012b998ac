import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import type { Schemas } from '../../api/client';
import { CompareRuns } from './CompareRuns';
import { ScaleBar } from './ScaleBar';
import { StepDifferences } from './StepDifferences';

type Props = {
  desk: Schemas['Desk'];
  /** What would come of a value that is tried. */
  trial: Schemas['Trial'] | undefined;
  onForget: () => void;
  onFact: (path: string) => void;
  /** Whether all of the working is open, and not only what decides. */
  all: boolean;
};

/** The outcome as it stands, what it would be on trial, and the working, each step leading to its facts. */
export function Outcome({ desk, trial, onForget, onFact, all }: Props) {
  const { t } = useTranslation();
  return (
    <section className="min-w-0 border-s border-base-300 p-4" aria-labelledby="outcome">
      {trial && <OnTrial trial={trial} onForget={onForget} />}
      <h2 id="outcome" className="!font-sans text-sm">
        {t('desk.outcome')}
      </h2>
      <p className="told mt-2 text-2xl" aria-live="polite">
        {desk.outcome.headline}
      </p>
      <p className="quiet">{desk.outcome.detail}</p>
      {desk.outcome.scale && <ScaleBar scale={desk.outcome.scale} />}
      {desk.past.decision && (
        <p className="mt-3">
          {t('desk.decidedBy', { when: desk.past.decision.when, by: desk.past.decision.by })}{' '}
          <a href={`/api/claims/${desk.id}/letter`} className="alone" target="_blank" rel="noreferrer">
            {t('desk.letter')}
          </a>
        </p>
      )}
      <h2 id="working" tabIndex={-1} className="!font-sans mt-5 text-sm">
        {t('desk.working')}
      </h2>
      <Working steps={desk.working} all={all} onFact={onFact} />
      <p className="quiet mt-4 text-[0.8125rem]">{t('desk.edition', { edition: desk.edition })}</p>
      <CompareRuns claim={desk.id} edition={desk.edition} version={desk.version} />
    </section>
  );
}

function OnTrial({ trial, onForget }: { trial: Schemas['Trial']; onForget: () => void }) {
  const { t } = useTranslation();
  return (
    <div role="status" className="mb-4 border border-s-4 border-base-300 border-s-secondary bg-base-100 p-3">
      <p className="text-[0.8125rem] font-semibold text-secondary">{t('trial.title')}</p>
      <p className="told mt-1 text-lg">{trial.then.headline}</p>
      <p>{trial.then.detail}</p>
      {trial.steps.length === 0 && <p className="quiet mt-1">{t('trial.same')}</p>}
      <StepDifferences steps={trial.steps} />
      <button
        type="button"
        className="mt-1 min-h-8 cursor-pointer font-semibold text-primary"
        onClick={onForget}
      >
        {t('trial.forget')}
      </button>
    </div>
  );
}

/** The working by heading of the rulebook: what decides first and open, the rest folded behind its heading. */
function Working({ steps, all, onFact }: { steps: Schemas['Sentence'][] } & Pick<Props, 'all' | 'onFact'>) {
  const { t } = useTranslation();
  const headings = [...new Set(steps.map((step) => headingOf(step)))].sort(
    (one, other) => Number(other === DECIDES) - Number(one === DECIDES),
  );
  return headings.map((heading) => (
    <details
      key={`${heading} ${all}`}
      open={all || heading === DECIDES || !headings.includes(DECIDES)}
      className="mt-1"
    >
      <summary className="min-h-6 cursor-pointer font-semibold">
        {/^[\d.]+$/.test(heading) ? t(`desk.common.${heading.replace('.', '_') as '0_3'}`) : heading}
      </summary>
      <Steps steps={steps.filter((step) => headingOf(step) === heading)} onFact={onFact} />
    </details>
  ));
}

/** The paragraph in which every chapter of the rulebook says what is decided. */
const DECIDES = 'Decided';

/** A rule is named by its chapter, one word, and its paragraph; a mere number is one of those by which is decided. */
function headingOf(step: Schemas['Sentence']): string {
  const paragraph = step.rule.slice(step.rule.indexOf(' ') + 1);
  return /^\d+$/.test(paragraph) ? DECIDES : paragraph;
}

function Steps({ steps, onFact }: { steps: Schemas['Sentence'][]; onFact: Props['onFact'] }) {
  const { t } = useTranslation();
  return (
    <ol className="mt-1 space-y-1.5">
      {steps.map((step, i) => {
        const fact = step.facts[0];
        return (
          <li key={`${step.code}${i}`} className="border-b border-base-300 pb-1.5">
            {fact ? (
              <button
                type="button"
                className="cursor-pointer text-start underline decoration-dotted underline-offset-2"
                title={t('desk.toFact')}
                onClick={() => onFact(fact)}
              >
                {step.text}
              </button>
            ) : (
              step.text
            )}
            <span className="quiet block text-[0.8125rem]">
              {step.policy && (
                <Link to="/rulebook" className="alone !font-normal !text-secondary underline">
                  {t('desk.figuresOf')}
                </Link>
              )}
            </span>
            {step.steps?.length > 0 && (
              <div className="ps-3">
                <Steps steps={step.steps} onFact={onFact} />
              </div>
            )}
          </li>
        );
      })}
    </ol>
  );
}
