import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

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
  const figure = Number(scale.figure);
  const limits = scale.limits.map(Number);
  const most = limits.at(-1) ?? 0;
  const span = Math.max(most * 1.2, figure * 1.05, 1);
  const x = (value: number) => (value / span) * WIDTH;
  return (
    <figure className="mt-3">
      <svg viewBox={`0 0 ${WIDTH} 16`} className="w-full" role="img" aria-label={scale.words}>
        {limits.map((limit, i) => {
          const from = x(limits[i - 1] ?? 0);
          const colour = i === 0 ? 'fill-success/40' : 'fill-warning/40';
          return <rect key={limit} x={from} y="6" width={x(limit) - from} height="9" className={colour} />;
        })}
        <rect x={x(most)} y="6" width={WIDTH - x(most)} height="9" className="fill-error/40" />
        <path d={`M${x(figure) - 5} 0h10l-5 6z`} className="fill-base-content" />
      </svg>
      <figcaption className="text-[13px]">▼ {scale.words}</figcaption>
    </figure>
  );
}
