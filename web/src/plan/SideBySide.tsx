import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { dateText, weekdays } from '../i18n';

type Props = {
  weeks: Schemas['PlanCompared'][];
  /** Leads to the fact in which a difference is settled. */
  onSettle: (path: string) => void;
};

/** The weeks in which those who were asked do not say the same, one above the other; what differs leads to its fact. */
export function SideBySide({ weeks, onSettle }: Props) {
  const { t } = useTranslation();
  if (weeks.length === 0) return null;
  return (
    <section className="mt-4">
      <h2 className="text-lg">{t('plan.compared')}</h2>
      <p className="quiet mb-1">{t('plan.comparedHow')}</p>
      <div className="overflow-x-auto">
        <table className="w-full">
          <thead>
            <tr className="quiet border-b border-base-300 text-sm">
              <th className="py-1 pe-3 text-start font-normal">{t('plan.week')}</th>
              {weekdays().map((day) => (
                <th key={day} className="px-1 py-1 !text-end font-normal">
                  {day}
                </th>
              ))}
            </tr>
          </thead>
          {weeks.map((week) => (
            <tbody key={week.monday} className="border-b border-base-300">
              <tr>
                <th scope="rowgroup" colSpan={8} className="pt-2 text-start">
                  {dateText(week.monday)}
                </th>
              </tr>
              {week.layers.map((layer) => (
                <tr key={layer.label}>
                  <th scope="row" className="py-0.5 pe-3 text-start font-normal">
                    {layer.label}
                  </th>
                  {layer.cells.map((cell, day) => (
                    <td key={day} className="px-1 py-0.5 text-end tabular-nums">
                      <Cell cell={cell} onSettle={onSettle} />
                    </td>
                  ))}
                </tr>
              ))}
            </tbody>
          ))}
        </table>
      </div>
    </section>
  );
}

function Cell({ cell, onSettle }: { cell: Schemas['PlanCell'] } & Pick<Props, 'onSettle'>) {
  const { t } = useTranslation();
  const { settle } = cell;
  const text = typeof cell.holds === 'boolean' ? t(cell.holds ? 'plan.holds' : 'plan.holdsNot') : cell.text;
  if (!settle) return <>{text}</>;
  return (
    <button
      type="button"
      className="min-h-6 min-w-6 cursor-pointer rounded border border-error px-1 font-semibold text-error"
      title={t('plan.settle')}
      onClick={() => onSettle(settle)}
    >
      <span aria-hidden="true">◆ </span>
      {text}
      <span className="sr-only">, {t('plan.settle')}</span>
    </button>
  );
}
