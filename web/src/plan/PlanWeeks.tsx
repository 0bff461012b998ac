import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { Scrolls } from '../components/Scrolls';
import { amountText, dateText } from '../i18n';

/** Each week with its hours, what is paid for it and when; its working unfolds. */
export function PlanWeeks({ weeks }: { weeks: Schemas['PlanWeek'][] }) {
  const { t } = useTranslation();
  if (weeks.length === 0) return null;
  return (
    <Scrolls label={t('plan.week')}>
      <table className="w-full text-start">
        <thead>
          <tr className="quiet border-b border-base-300 text-sm">
            <th className="py-1 pe-3 font-normal">{t('plan.week')}</th>
            <th className="py-1 pe-3 !text-end font-normal">{t('plan.away')}</th>
            <th className="py-1 !text-end font-normal">{t('plan.paid')}</th>
          </tr>
        </thead>
        <tbody>
          {weeks.map((week) => (
            <tr key={week.monday} className="border-b border-base-300 align-top">
              <th scope="row" className="py-1.5 pe-3 font-normal">
                {dateText(week.monday)}
              </th>
              <td className="py-1.5 pe-3 text-end whitespace-nowrap">
                {t('plan.hours', { hours: week.hours })}
              </td>
              <td className="py-1.5 text-end">
                {week.paid ? <PaidWeek paid={week.paid} /> : t('plan.unpaid')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
    </Scrolls>
  );
}

function PaidWeek({ paid }: { paid: Schemas['WeekPaid'] }) {
  const { t } = useTranslation();
  return (
    <details>
      <summary className="cursor-pointer">
        <span className="font-semibold">{amountText(paid.amount)}</span>
        <span className="quiet block text-sm">{t('plan.sent', { day: dateText(paid.on, 'weekday') })}</span>
      </summary>
      <dl className="mt-1 grid grid-cols-[1fr_auto] gap-x-3 text-sm">
        {paid.working.map((figure) => (
          <div key={figure.label} className="contents">
            <dt className="quiet">{figure.label}</dt>
            <dd>{figure.text}</dd>
          </div>
        ))}
      </dl>
    </details>
  );
}
