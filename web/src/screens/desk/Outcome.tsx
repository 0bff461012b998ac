import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { amountText } from '../../i18n';

/** The outcome as it stands, a bar with the limits, and the working. */
export function Outcome({ desk }: { desk: Schemas['Desk'] }) {
  const { t } = useTranslation();
  return (
    <section className="border-l border-base-300 p-4" aria-labelledby="outcome">
      <h2 id="outcome" className="!font-sans text-sm">
        {t('desk.outcome')}
      </h2>
      <p className="told mt-2 text-2xl" aria-live="polite">
        {desk.outcome.headline}
      </p>
      <p className="quiet">{desk.outcome.detail}</p>
      {desk.outcome.scale && <ScaleBar scale={desk.outcome.scale} />}
      {desk.decision && (
        <p className="mt-3">
          {t('desk.decidedBy', { when: desk.decision.when, by: desk.decision.by })}{' '}
          <a href={`/api/claims/${desk.id}/letter`} target="_blank" rel="noreferrer">
            {t('desk.letter')}
          </a>
        </p>
      )}
      <h2 id="working" tabIndex={-1} className="!font-sans mt-5 text-sm">
        {t('desk.working')}
      </h2>
      <Steps steps={desk.working} />
      <p className="quiet mt-4 text-[13px]">{t('desk.edition', { edition: desk.edition })}</p>
    </section>
  );
}

function Steps({ steps }: { steps: Schemas['Sentence'][] }) {
  return (
    <ol className="mt-1 space-y-1.5">
      {steps.map((step, i) => (
        <li key={`${step.code}${i}`} className="border-b border-base-300 pb-1.5">
          {step.text}
          {step.policy && <span className="block text-[13px] text-secondary">{step.policy}</span>}
          {step.steps?.length > 0 && (
            <div className="pl-3">
              <Steps steps={step.steps} />
            </div>
          )}
        </li>
      ))}
    </ol>
  );
}

const WIDTH = 284;

function ScaleBar({ scale }: { scale: Schemas['Scale'] }) {
  const { t } = useTranslation();
  const [income, free, reduced] = [scale.income, scale.freeLimit, scale.reducedLimit].map(Number) as [
    number,
    number,
    number,
  ];
  const span = Math.max(reduced * 1.2, income * 1.05, 1);
  const x = (value: number) => (value / span) * WIDTH;
  const words = `${t('desk.income', { amount: amountText(scale.income) })}, ${t('desk.freeTo', { amount: amountText(scale.freeLimit) })}, ${t('desk.reducedTo', { amount: amountText(scale.reducedLimit) })}`;
  return (
    <figure className="mt-3">
      <svg viewBox={`0 0 ${WIDTH} 16`} className="w-full" role="img" aria-label={words}>
        <rect y="6" width={x(free)} height="9" className="fill-success/40" />
        <rect x={x(free)} y="6" width={x(reduced) - x(free)} height="9" className="fill-warning/40" />
        <rect x={x(reduced)} y="6" width={WIDTH - x(reduced)} height="9" className="fill-error/40" />
        <path d={`M${x(income) - 5} 0h10l-5 6z`} className="fill-base-content" />
      </svg>
      <figcaption className="text-[13px]">
        ▼ {words} <span className="quiet">({scale.period})</span>
      </figcaption>
    </figure>
  );
}
