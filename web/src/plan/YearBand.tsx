import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { dateText } from '../i18n';

const DAY = 86_400_000;
const WEEKS = 52;

/** A year of 52 weeks with what is taken of it at its days, and how many of the weeks to be had that leaves. */
export function YearBand({ year }: { year: Schemas['PlanYear'] }) {
  const { t } = useTranslation();
  const start = Date.parse(year.from);
  const most = Number(year.weeks);
  const taken = year.pieces.map((piece) => ({ ...piece, many: Number(piece.weeks) }));
  const left = Math.max(0, most - taken.reduce((sum, piece) => sum + piece.many, 0));
  let at = 0;
  const filled = taken.map((piece) => {
    const x = at;
    at += piece.many;
    return { ...piece, x };
  });
  const fill = (asked: boolean) => (asked ? 'fill-primary' : 'fill-secondary/60');
  return (
    <figure className="mt-4">
      <figcaption className="text-[0.9375rem]">{year.sentence}</figcaption>
      <p className="quiet mt-1 text-sm">{t('plan.inYear')}</p>
      <svg viewBox={`0 0 ${WEEKS} 4`} preserveAspectRatio="none" className="h-5 w-full" aria-hidden="true">
        <rect width={WEEKS} height="4" className="fill-base-200" />
        {taken.map((piece) => (
          <rect
            key={`${piece.from}${piece.label}`}
            x={(Date.parse(piece.from) - start) / DAY / 7}
            width={Math.max(0.2, piece.many)}
            height="4"
            className={fill(piece.asked)}
          />
        ))}
      </svg>
      <p className="quiet mt-1 text-sm">{t('plan.weekByWeek', { weeks: year.weeks })}</p>
      <svg
        viewBox={`0 0 ${Math.max(most, at)} 1`}
        preserveAspectRatio="none"
        className="h-5 w-full"
        aria-hidden="true"
      >
        {filled.map((piece) => (
          <rect
            key={`${piece.from}${piece.label}`}
            x={piece.x}
            width={piece.many}
            height="1"
            className={fill(piece.asked)}
          />
        ))}
        {Array.from({ length: Math.round(most) + 1 }, (_, week) => (
          <line
            key={week}
            x1={week}
            x2={week}
            y2="1"
            className="stroke-base-content/50"
            strokeWidth="1"
            vectorEffect="non-scaling-stroke"
          />
        ))}
      </svg>
      <ul className="mt-1 flex flex-wrap gap-x-5 text-sm">
        {taken.map((piece) => (
          <li key={`${piece.from}${piece.label}`} className="flex items-center gap-1.5">
            <svg viewBox="0 0 1 1" className="h-3 w-3" aria-hidden="true">
              <rect width="1" height="1" className={fill(piece.asked)} />
            </svg>
            {t('plan.piece', { label: piece.label, weeks: piece.weeks, from: dateText(piece.from) })}
          </li>
        ))}
        <li>{t('plan.left', { weeks: left.toFixed(2) })}</li>
      </ul>
    </figure>
  );
}
