import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { BESIDE, useMedia } from '../../components/useMedia';

/** A part of the application as the list of what was told shows it; one that was seen is done, or something in it is open. */
export type Told = { id: string; title: string; done: boolean; open: boolean };

type Props = {
  estimate: Schemas['Estimate'];
  plan: Schemas['Plan'] | undefined;
  chapters: Told[];
  now: string;
  onGo: (chapter: string) => void;
};

/** The estimate, labelled as one, and what has been told so far; always in view, on a phone as a bar that unfolds. */
export function SoFar({ estimate, plan, chapters, now, onGo }: Props) {
  const { t } = useTranslation();
  return (
    <aside className="space-y-5">
      <nav className="sheet p-5" aria-label={t('apply.told')}>
        <h2 className="!font-sans text-base">{t('apply.told')}</h2>
        <ul className="mt-2">
          {chapters.map((each) => (
            <li key={each.id} className="flex min-h-11 items-center gap-2">
              <span aria-hidden="true" className={`w-4 ${each.open ? 'text-warning' : 'text-success'}`}>
                {each.id === now ? '→' : each.done ? '✓' : each.open ? '◈' : ''}
              </span>
              <span className={`flex-1 ${each.id === now ? 'font-semibold' : each.done ? '' : 'quiet'}`}>
                {each.title}
                {(each.done || each.open) && (
                  <span className="sr-only">, {t(each.done ? 'apply.done' : 'apply.stillOpen')}</span>
                )}
              </span>
              {(each.done || each.open) && each.id !== now && (
                <button
                  type="button"
                  aria-label={`${t('apply.see')}: ${each.title}`}
                  className="min-h-11 cursor-pointer px-2 font-semibold text-primary"
                  onClick={() => onGo(each.id)}
                >
                  {t('apply.see')}
                </button>
              )}
            </li>
          ))}
        </ul>
      </nav>
      <EstimateNow estimate={plan ? withPlan(estimate, plan) : estimate} />
    </aside>
  );
}

/** What painted days come to is told with the estimate, and in its place while it is not known yet. */
function withPlan(estimate: Schemas['Estimate'], plan: Schemas['Plan']): Schemas['Estimate'] {
  return {
    ...estimate,
    headline: estimate.known ? estimate.headline : plan.headline,
    because: [...plan.told, ...plan.later.map((later) => later.sentence)],
  };
}

function EstimateNow({ estimate }: { estimate: Schemas['Estimate'] }) {
  const { t } = useTranslation();
  const beside = useMedia(BESIDE);
  if (beside) {
    return (
      <section className="sheet border-s-4 border-s-primary p-5" aria-live="polite">
        <p className="quiet text-sm">{t('apply.soFar')}</p>
        <p className="told mt-1 text-xl">{estimate.headline}</p>
        <p className="mt-1 text-[0.9375rem]">{estimate.detail}</p>
        <Sentences of={estimate.because} />
      </section>
    );
  }
  return (
    <div
      className="fixed inset-x-0 bottom-0 z-10 border-t-2 border-primary bg-base-100 print:hidden"
      aria-live="polite"
    >
      <details className="group">
        <summary className="flex min-h-12 cursor-pointer items-center gap-3 px-5">
          <span className="min-w-0 flex-1 truncate py-2 group-open:whitespace-normal">
            <span className="quiet text-sm">{t('apply.soFar')} </span>
            <span className="told">{estimate.headline}</span>
          </span>
          <span className="font-semibold text-primary">{t('apply.why')}</span>
        </summary>
        <div className="max-h-[50vh] overflow-auto px-5 pb-4 text-[0.9375rem]">
          <p>{estimate.detail}</p>
          <Sentences of={estimate.because} />
        </div>
      </details>
    </div>
  );
}

function Sentences({ of }: { of: string[] }) {
  if (of.length === 0) return null;
  return (
    <ul className="mt-2 space-y-1 border-t border-base-300 pt-2 text-[0.9375rem]">
      {of.map((sentence) => (
        <li key={sentence}>{sentence}</li>
      ))}
    </ul>
  );
}
