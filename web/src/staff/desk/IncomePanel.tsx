import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { Scrolls } from '../../components/Scrolls';
import { amountText, dateText } from '../../i18n';
import { TimeLine } from './TimeLine';

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
            <dt className="quiet text-[0.8125rem]">{label}</dt>
            <dd className="font-semibold">{amount ? amountText(amount) : '–'}</dd>
          </div>
        ))}
      </dl>
      {facts.length > 0 && <p className="quiet mt-1 text-[0.8125rem]">{facts.join(' · ')}</p>}
      {(source.slips.length > 0 || source.months.length > 0) && (
        <TimeLine source={source} receivedOn={receivedOn} />
      )}
      {(source.slips.length > 0 || source.months.length > 0) && (
        <details className="mt-2">
          <summary className="cursor-pointer">{t('income.table')}</summary>
          <Scrolls label={t('desk.tab.income')}>
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
                          from: dateText(slip.periodStart, 'weekday'),
                          to: dateText(slip.periodEnd, 'weekday'),
                        })}
                      </button>
                      {slip.stale && <span className="quiet"> {t('income.tooOld')}</span>}
                    </td>
                    <td className="text-end">{amountText(slip.gross)}</td>
                    <td className="quiet text-end">
                      {slip.ytdGross ? t('income.ytd', { amount: amountText(slip.ytdGross) }) : ''}
                    </td>
                  </tr>
                ))}
                {source.months.map((month) => (
                  <tr key={month.month} className="row-line">
                    <td className="py-1">{t('income.month', { month: month.month })}</td>
                    <td className="text-end">{amountText(month.gross)}</td>
                    <td />
                  </tr>
                ))}
              </tbody>
            </table>
          </Scrolls>
        </details>
      )}
    </article>
  );
}
