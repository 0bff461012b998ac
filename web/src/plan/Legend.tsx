import { useTranslation } from 'react-i18next';
import type { Schemas } from '../api/client';

const BOX = {
  AWAY: 'bg-primary',
  BEFORE: 'bg-secondary/25 border border-secondary',
  NONE: 'border border-primary/50',
} as const;

/** What the looks of days mean. */
export function Legend({ kinds }: { kinds: Schemas['PlanKind'][] }) {
  const { t } = useTranslation();
  return (
    <ul className="quiet mt-2 flex flex-wrap gap-x-5 gap-y-1 text-sm">
      {kinds.map(({ kind, label }) => (
        <li key={kind} className="flex items-center gap-1.5">
          <span aria-hidden="true" className={`inline-block h-3.5 w-3.5 rounded-[2px] ${BOX[kind]}`} />
          {label}
        </li>
      ))}
      <li>
        <span aria-hidden="true" className="underline decoration-2 underline-offset-2">
          12
        </span>{' '}
        {t('plan.holiday')}
      </li>
    </ul>
  );
}
