import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { amountText, dateText } from '../../i18n';

type Source = Schemas['Source'];

const INK: Record<Source['verdict'], string> = {
  AGREED: 'text-success',
  OUTDATED_RECORD: 'text-success',
  UNSUPPORTED: 'text-warning',
  UNDISCLOSED: 'text-error',
  HIDDEN_PAY: 'text-error',
  MISSTATED: 'text-error',
  DISPUTED: 'text-error',
};
const SHAPE: Record<Source['verdict'], string> = {
  AGREED: '✓',
  OUTDATED_RECORD: '✓',
  UNSUPPORTED: '◈',
  UNDISCLOSED: '◆',
  HIDDEN_PAY: '◆',
  MISSTATED: '≠',
  DISPUTED: '≠',
};

type Props = { income: Schemas['IncomeReview']; onPaper: (paper: string, page: number) => void };

/** Each source of wages in its three views, with its slips on a time line beside the register's months. */
export function IncomePanel({ income, onPaper }: Props) {
  const { t } = useTranslation();
  return (
    <section className="p-4" aria-label={t('desk.tab.income')}>
      {income.silent.length > 0 && (
        <p className="mb-3 text-warning">
          <span aria-hidden="true">◈ </span>
          {t('income.silent')}
        </p>
      )}
      {income.sources.length === 0 && <p className="quiet">{t('income.none')}</p>}
      {income.sources.map((source) => (
        <SourceOf
          key={source.member + source.employer}
          source={source}
          receivedOn={income.receivedOn}
          onPaper={onPaper}
        />
      ))}
    </section>
  );
}

function SourceOf({
  source,
  receivedOn,
  onPaper,
}: {
  source: Source;
  receivedOn: string;
  onPaper: Props['onPaper'];
}) {
  const { t } = useTranslation();
  const views = [
    [t('desk.said'), source.stated],
    [t('desk.shown'), source.shown],
    [t('desk.record'), source.onRecord],
    [t('income.accepted'), source.accepted],
  ] as const;
  const facts = [
    source.rhythm && t(`income.rhythm.${source.rhythm}`),
    source.gaps > 0 && t('income.gaps', { count: source.gaps }),
    source.stale > 0 && t('income.stale', { count: source.stale }),
    Number(source.hiddenPay) !== 0 && t('income.hidden', { amount: amountText(source.hiddenPay) }),
  ].filter(Boolean);
  return (
    <article className="mb-5 border border-base-300 p-3" aria-label={`${source.employer}, ${source.name}`}>
      <h2 className="text-base">
        {source.employer} <span className="quiet font-sans font-normal">· {source.name}</span>
      </h2>
      <p className={`font-semibold ${INK[source.verdict]}`}>
        <span aria-hidden="true">{SHAPE[source.verdict]} </span>
        {t(`income.${source.verdict}`)}
      </p>
      <dl className="mt-2 grid grid-cols-4 gap-3">
        {views.map(([label, amount]) => (
          <div key={label}>
            <dt className="quiet text-[13px]">{label}</dt>
            <dd className="font-semibold">{amount ? amountText(amount) : '–'}</dd>
          </div>
        ))}
      </dl>
      {facts.length > 0 && <p className="quiet mt-1 text-[13px]">{facts.join(' · ')}</p>}
      {(source.slips.length > 0 || source.months.length > 0) && (
        <TimeLine source={source} receivedOn={receivedOn} />
      )}
      {(source.slips.length > 0 || source.months.length > 0) && (
        <details className="mt-2">
          <summary className="cursor-pointer">{t('income.table')}</summary>
          <table className="mt-1 w-full">
            <tbody>
              {source.slips.map((slip) => (
                <tr key={slip.periodStart + slip.paper} className="row-line">
                  <td className="py-1">
                    <button
                      type="button"
                      className="cursor-pointer font-semibold text-primary"
                      onClick={() => onPaper(slip.paper, slip.page)}
                    >
                      {t('income.slip', {
                        from: dateText(slip.periodStart, 'short'),
                        to: dateText(slip.periodEnd, 'short'),
                      })}
                    </button>
                    {slip.stale && <span className="quiet"> {t('income.tooOld')}</span>}
                  </td>
                  <td className="text-right">{amountText(slip.gross)}</td>
                  <td className="quiet text-right">
                    {slip.ytdGross ? t('income.ytd', { amount: amountText(slip.ytdGross) }) : ''}
                  </td>
                </tr>
              ))}
              {source.months.map((month) => (
                <tr key={month.month} className="row-line">
                  <td className="py-1">{t('income.month', { month: month.month })}</td>
                  <td className="text-right">{amountText(month.gross)}</td>
                  <td />
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </article>
  );
}

const WIDTH = 640;
const DAY = 86_400_000;
const BARS = 56;

/** Slips as blocks over their periods, as high as their pay a day; the register's months as bars below. */
function TimeLine({ source, receivedOn }: { source: Source; receivedOn: string }) {
  const { t } = useTranslation();
  const end = Date.parse(receivedOn);
  const starts = [
    ...source.slips.map((slip) => Date.parse(slip.periodStart)),
    ...source.months.map((month) => Date.parse(`${month.month}-01`)),
    end - 92 * DAY,
  ];
  const begin = Math.min(...starts);
  const x = (at: number) => ((at - begin) / Math.max(DAY, end - begin)) * WIDTH;
  const perDay = (slip: Schemas['Slip']) =>
    Number(slip.gross) / ((Date.parse(slip.periodEnd) - Date.parse(slip.periodStart)) / DAY + 1);
  const monthly = Math.max(
    1,
    ...source.slips.map((slip) => perDay(slip) * 30.4),
    ...source.months.map((month) => Number(month.gross)),
  );
  const height = (amount: number) => Math.max(3, (amount / monthly) * BARS);
  const label = t('income.lineLabel', { slips: source.slips.length, months: source.months.length });
  return (
    <figure className="mt-2">
      <svg viewBox={`0 0 ${WIDTH} ${BARS * 2 + 34}`} className="w-full" role="img" aria-label={label}>
        <line x1="0" x2={WIDTH} y1={BARS + 2} y2={BARS + 2} className="stroke-base-300" />
        {source.slips.map((slip) => {
          const from = x(Date.parse(slip.periodStart));
          const to = x(Date.parse(slip.periodEnd) + DAY);
          const high = height(perDay(slip) * 30.4);
          return (
            <g key={slip.periodStart + slip.paper}>
              <rect
                x={from + 0.75}
                width={Math.max(2, to - from - 1.5)}
                y={BARS + 2 - high}
                height={high}
                className={slip.stale ? 'fill-base-300' : 'fill-primary/30'}
              />
              {to - from > 60 && (
                <text x={from + 6} y={BARS - 4} className="fill-base-content text-[13px]">
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
                y={BARS + 6}
                height={high}
                className="fill-secondary/30"
              />
              <text x={from + 8} y={BARS + 20} className="fill-base-content text-[13px]">
                {amountText(month.gross)}
              </text>
            </g>
          );
        })}
        <text x="0" y={BARS * 2 + 26} className="fill-base-content text-[13px]">
          {dateText(new Date(begin).toISOString().slice(0, 10), 'short')}
        </text>
        <text x={WIDTH} y={BARS * 2 + 26} textAnchor="end" className="fill-base-content text-[13px]">
          {t('income.received', { date: dateText(receivedOn, 'short') })}
        </text>
      </svg>
      <figcaption className="quiet text-[13px]">{t('income.legend')}</figcaption>
    </figure>
  );
}
