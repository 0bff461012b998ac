import { useTranslation } from 'react-i18next';
import { amountText, monthText } from '../i18n';
import { useFaults } from './Faults';
import { lastMonths, linesOf, monthsIn, withLine, withMonth } from './monthLines';
import { type Asked, amountOf, type Given, readAs } from './shapes';

type Props = {
  asked: Asked;
  record: Given;
  within: string;
  onChange: (record: Given) => void;
};

/** The months of a year back, the last first: an amount each, and whether the month stands in other lists. */
export function MonthsField({ asked, record, within, onChange }: Props) {
  const { t } = useTranslation();
  const faultAt = useFaults();
  const part = asked.parts[0];
  if (!part) return null;
  const lines = linesOf(record[asked.path]);
  const months = lastMonths(new Date(), [
    ...lines.map((line) => String(line.month)),
    ...ticked(asked, record),
  ]);
  const inAll = lines.reduce((sum, line) => sum + cents(line[part.path]), 0);
  return (
    <fieldset>
      <legend className="mb-1 font-semibold">{asked.label}</legend>
      {asked.hint && <p className="quiet mb-2 text-sm">{asked.hint}</p>}
      <table className="w-full max-w-xl">
        <thead>
          <tr className="quiet border-b border-base-300 text-start text-sm">
            <th className="py-1 pe-3 font-normal">{t('facts.month')}</th>
            <th className="w-32 py-1 pe-3 font-normal">{part.label}</th>
            {asked.options.map((list) => (
              <th key={list.value} className="w-28 py-1 font-normal">
                {list.label}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {months.map((month) => {
            const line = lines.find((each) => each.month === month);
            const name = monthText(month);
            const path = `${within}/${month}/${part.path}`;
            const fault = faultAt(path);
            return (
              <tr key={month} className="border-b border-base-300 align-top">
                <th scope="row" className="py-3 pe-3 text-start font-normal">
                  {name}
                </th>
                <td className="py-1.5 pe-3">
                  <input
                    id={`fact-${path}`}
                    type="text"
                    inputMode="decimal"
                    autoComplete="off"
                    aria-label={`${part.label}, ${name}`}
                    aria-invalid={fault ? true : undefined}
                    aria-describedby={fault ? `${path}-fault` : undefined}
                    className="field text-end tabular-nums"
                    value={String(line?.[part.path] ?? '')}
                    onChange={(event) => onChange(withLine(asked, record, month, event.target.value))}
                    onBlur={(event) =>
                      onChange(
                        withLine(asked, record, month, String(readAs(part.widget, event.target.value) ?? '')),
                      )
                    }
                  />
                  {fault && (
                    <p id={`${path}-fault`} className="text-sm text-error">
                      {fault}
                    </p>
                  )}
                </td>
                {asked.options.map((list) => (
                  <td key={list.value} className="py-1.5">
                    <label className="flex min-h-11 items-center">
                      <input
                        type="checkbox"
                        className="checkbox"
                        aria-label={`${list.label}, ${name}`}
                        checked={monthsIn(record, list.value).includes(month)}
                        onChange={(event) =>
                          onChange(withMonth(record, list.value, month, event.target.checked))
                        }
                      />
                    </label>
                  </td>
                ))}
              </tr>
            );
          })}
        </tbody>
        <tfoot>
          <tr>
            <th scope="row" className="py-2 text-start">
              {t('facts.inAll')}
            </th>
            <td className="py-2 pe-3 text-end font-semibold tabular-nums">
              {amountText((inAll / 100).toFixed(2))}
            </td>
          </tr>
        </tfoot>
      </table>
    </fieldset>
  );
}

function ticked(asked: Asked, record: Given): string[] {
  return asked.options.flatMap((list) => monthsIn(record, list.value));
}

/** What is no amount yet adds nothing. */
function cents(value: unknown): number {
  const text = amountOf(String(value ?? ''));
  return /^\d+\.\d{2}$/.test(text) ? Math.round(Number(text) * 100) : 0;
}
