import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';
import { LOOK } from './look';

/** What the looks of days mean, and on how many days someone else has said otherwise. */
export function Legend({ plan }: { plan: Schemas['Plan'] }) {
  const { t } = useTranslation();
  const doubts = new Map<string, number>();
  for (const { doubt } of plan.days) if (doubt) doubts.set(doubt, (doubts.get(doubt) ?? 0) + 1);
  return (
    <ul className="quiet mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
      {plan.kinds.map(({ kind, label }) => (
        <li key={kind} className="flex items-center gap-1.5">
          <span aria-hidden="true" className={`inline-block h-3.5 w-3.5 rounded-[2px] ${LOOK[kind]}`} />
          {label}
        </li>
      ))}
      <li className="flex items-center gap-1.5">
        <span aria-hidden="true" className="inline-block h-3.5 w-3.5 border-b-2 border-current" />
        {t('plan.holidayMark')}
      </li>
      {[...doubts].map(([doubt, count]) => (
        <li key={doubt} className="font-semibold text-error">
          <span aria-hidden="true">◆</span> {t('plan.doubt', { count, doubt })}
        </li>
      ))}
    </ul>
  );
}
