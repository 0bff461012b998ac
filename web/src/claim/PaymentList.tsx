import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { Scrolls } from '../components/Scrolls';
import { amountText, dateText, monthText } from '../i18n';

const INK = {
  PLANNED: '',
  BOOKED: 'text-success',
  RETURNED: 'text-error',
  QUESTIONED: 'text-error',
  STOPPED: 'quiet',
};
const SHAPE = { PLANNED: '◇', BOOKED: '✓', RETURNED: '▲', QUESTIONED: '▲', STOPPED: '–' };

/** How long the name of a month is, such as 2026-12; a week has that of its Monday. */
const MONTH = 7;

type Props = {
  payments: Schemas['Paid'][];
  /** Nobody knows yet where the money goes, so nothing leaves. */
  nowhere?: boolean;
  /** What can be done about one; nothing where nothing can. */
  act?: (payment: Schemas['Paid']) => ReactNode;
};

/** What is paid, by month or week, with how far each is. */
export function PaymentList({ payments, nowhere = false, act }: Props) {
  const { t } = useTranslation();
  const timeOf = ({ time, part }: Schemas['Paid']) => {
    if (time.length === MONTH) return monthText(time);
    return t(part > 1 ? 'overpaid.more' : 'payments.week', { day: dateText(time) });
  };
  return (
    <Scrolls label={t('payments.title')}>
      <table className="w-full max-w-2xl">
        <thead>
          <tr className="quiet border-b border-base-300 text-start text-sm">
            <th className="py-1 pe-4 font-normal">{t('payments.month')}</th>
            <th className="py-1 pe-4 text-end font-normal">{t('payments.amount')}</th>
            <th className="py-1 font-normal">{t('payments.state')}</th>
          </tr>
        </thead>
        <tbody>
          {payments.map((each) => (
            <tr key={each.id} className="border-b border-base-300 align-top">
              <td className="py-1.5 pe-4">{timeOf(each)}</td>
              <td className="py-1.5 pe-4 text-end tabular-nums">{amountText(each.amount)}</td>
              <td className={`py-1.5 ${INK[each.state]}`}>
                <span aria-hidden="true">{SHAPE[each.state]} </span>
                {t(`payments.is.${nowhere && each.state === 'PLANNED' ? 'NOWHERE' : each.state}`, {
                  date: dateText(each.due, 'weekday'),
                })}
                {each.keptBack !== '0.00' && (
                  <p className="quiet">{t('overpaid.keptBack', { amount: amountText(each.keptBack) })}</p>
                )}
                {act?.(each)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}
