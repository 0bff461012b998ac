import { useId } from 'react';
import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { isAbout } from '../../components/Problem';
import { dateText } from '../../i18n';

type Props = {
  day: Schemas['HoursDay'];
  value: string;
  /** What the server said to the week; it stands at the day that it is about. */
  problem: unknown;
  onChange: (value: string) => void;
};

/** The hours away on one day, beside those that are worked on it; empty for none. */
export function DayHours({ day, value, problem, onChange }: Props) {
  const { t } = useTranslation();
  const id = useId();
  const isWrong = isAbout(problem, `hours/${day.date}`);
  const label = dateText(day.date, 'weekday');
  return (
    <div className="py-2">
      <div className="flex items-center gap-3">
        <label htmlFor={id} className="min-w-0 flex-1">
          {label}
        </label>
        <input
          id={id}
          className="field w-20 text-end tabular-nums"
          inputMode="decimal"
          autoComplete="off"
          aria-label={t('hours.hoursOn', { day: label })}
          aria-describedby={isWrong ? `${id}-usual ${id}-error` : `${id}-usual`}
          aria-invalid={isWrong || undefined}
          value={value}
          onChange={(event) => onChange(event.target.value)}
        />
        <span id={`${id}-usual`} className="quiet w-16 text-sm tabular-nums">
          {t('hours.usual', { hours: day.usual })}
        </span>
      </div>
      {isWrong && (
        <p id={`${id}-error`} role="alert" className="mt-1 text-sm font-semibold text-error">
          {(problem as Error).message}
        </p>
      )}
    </div>
  );
}
