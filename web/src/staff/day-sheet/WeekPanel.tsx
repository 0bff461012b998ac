import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

const TALLEST = 64;

import { PostedForm } from './PostedForm';

type Props = { week: Schemas['Day'][]; waiting: Schemas['Waiting'][]; today: string; mayWork: boolean };

/** What was decided this week and what is due, and whom claims wait for. */
export function WeekPanel({ week, waiting, today, mayWork }: Props) {
  const { t } = useTranslation();
  const most = Math.max(1, ...week.map((day) => Math.max(day.decided, day.due)));
  return (
    <aside className="border-s border-base-300 bg-base-100 px-4 py-5">
      <h2 className="!font-sans text-sm">{t('sheet.week')}</h2>
      <div className="mt-3 grid grid-cols-5 items-end gap-2 text-center text-[0.8125rem]">
        {week.map((day) => {
          const past = day.date < today;
          const count = past ? day.decided : day.due;
          const height = Math.round((count / most) * TALLEST);
          return (
            <div key={day.date}>
              <p>{past ? count : t('sheet.due', { count })}</p>
              <svg
                role="img"
                aria-label={t(past ? 'sheet.decided' : 'sheet.due', { count })}
                width="30"
                height={TALLEST + 2}
                className="mx-auto"
              >
                <rect
                  x="1"
                  y={TALLEST - height + 1}
                  width="28"
                  height={height}
                  className={past ? 'fill-primary' : 'fill-none stroke-primary'}
                  strokeDasharray="3 2"
                />
              </svg>
              <p>
                {new Intl.DateTimeFormat('en-GB', { weekday: 'short', timeZone: 'UTC' }).format(
                  new Date(`${day.date}T00:00:00Z`),
                )}
              </p>
            </div>
          );
        })}
      </div>
      <h2 className="!font-sans mt-6 text-sm">{t('sheet.waiting')}</h2>
      {waiting.length === 0 && <p className="mt-1">{t('sheet.nobody')}</p>}
      <ul className="mt-1">
        {waiting.map((each) => (
          <li key={each.on} className="flex items-end py-1">
            {t(`sheet.${each.on}`)}
            <span className="leader" />
            {each.claims}
          </li>
        ))}
      </ul>
      {mayWork && <PostedForm />}
      <p className="quiet mt-6 text-[0.8125rem]">{t('sheet.keys')}</p>
    </aside>
  );
}
