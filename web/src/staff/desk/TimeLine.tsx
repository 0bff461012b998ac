import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { amountText, dateText } from '../../i18n';

type Source = Schemas['Source'];

const WIDTH = 640;
const DAY = 86_400_000;
const BARS = 56;
const MONTH = new Intl.DateTimeFormat('en-GB', { month: 'short', timeZone: 'UTC' });

/** Slips as blocks over their periods, as high as their pay a day; the register's months as bars below. */
export function TimeLine({ source, receivedOn }: { source: Source; receivedOn: string }) {
  const { t } = useTranslation();
  const end = Date.parse(receivedOn);
  const starts = [
    ...source.slips.map((slip) => Date.parse(slip.periodStart)),
    ...source.months.map((month) => Date.parse(`${month.month}-01`)),
  ];
  const begin = Math.min(...starts, end - DAY);
  const line = source.slips.length > 0 ? BARS + 2 : 2;
  const foot = line + (source.months.length > 0 ? BARS + 6 : 4);
  const x = (at: number) => ((at - begin) / Math.max(DAY, end - begin)) * WIDTH;
  const perDay = (slip: Schemas['Slip']) =>
    Number(slip.gross) / ((Date.parse(slip.periodEnd) - Date.parse(slip.periodStart)) / DAY + 1);
  const monthly = Math.max(
    1,
    ...source.slips.map((slip) => perDay(slip) * 30.4),
    ...source.months.map((month) => Number(month.gross)),
  );
  const height = (amount: number) => Math.max(3, (amount / monthly) * BARS);
  const legend =
    source.slips.length === 0
      ? 'income.legendMonths'
      : source.months.length === 0
        ? 'income.legendSlips'
        : 'income.legend';
  const label = t('income.lineLabel', { slips: source.slips.length, months: source.months.length });
  return (
    <figure className="mt-2">
      <svg viewBox={`0 0 ${WIDTH} ${foot + 20}`} className="w-full" role="img" aria-label={label}>
        <line x1="0" x2={WIDTH} y1={line} y2={line} className="stroke-base-300" />
        {source.slips.map((slip) => {
          const from = x(Date.parse(slip.periodStart));
          const to = x(Date.parse(slip.periodEnd) + DAY);
          const high = height(perDay(slip) * 30.4);
          return (
            <g key={slip.periodStart + slip.paper}>
              <rect
                x={from + 0.75}
                width={Math.max(2, to - from - 1.5)}
                y={line - high}
                height={high}
                className={slip.stale ? 'fill-base-300' : 'fill-primary/30'}
              />
              {to - from > 60 && (
                <text x={from + 6} y={line - 6} className="fill-base-content text-[0.8125rem]">
                  {amountText(slip.gross)}
                </text>
              )}
            </g>
          );
        })}
        {source.months.map((month) => {
          const from = x(Date.parse(`${month.month}-01`));
          const next = new Date(`${month.month}-01T00:00:00Z`);
          next.setUTCMonth(next.getUTCMonth() + 1);
          const high = height(Number(month.gross));
          return (
            <g key={month.month}>
              <rect
                x={from + 3}
                width={Math.max(4, x(next.getTime()) - from - 6)}
                y={line + 4}
                height={high}
                className="fill-secondary/30"
              />
              <text x={from + 8} y={line + 18} className="fill-base-content text-[0.8125rem]">
                {amountText(month.gross)}
              </text>
            </g>
          );
        })}
        {monthsBetween(begin, end).map((month) => (
          <g key={month}>
            <line x1={x(month)} x2={x(month)} y1="0" y2={foot + 4} className="stroke-base-300" />
            <text x={x(month) + 4} y={foot + 16} className="quiet fill-base-content text-[0.8125rem]">
              {MONTH.format(month)}
            </text>
          </g>
        ))}
      </svg>
      <figcaption className="quiet text-[0.8125rem]">
        {t(legend)} {t('income.received', { date: dateText(receivedOn, 'weekday') })}
      </figcaption>
    </figure>
  );
}

/** The first days of the months that begin in a span. */
function monthsBetween(begin: number, end: number): number[] {
  const months: number[] = [];
  const day = new Date(begin);
  day.setUTCDate(1);
  while (day.getTime() < end) {
    if (day.getTime() >= begin) months.push(day.getTime());
    day.setUTCMonth(day.getUTCMonth() + 1);
  }
  return months;
}
