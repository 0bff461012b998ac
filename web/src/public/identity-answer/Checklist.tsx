import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import type { OnItsWay } from './useIdentity';

const SHAPE = { OPEN: '○', SENDING: '…', READING: '…', UNSURE: '◇', FAULTY: '◆', DONE: '✓' };
const INK = {
  OPEN: 'quiet',
  SENDING: 'text-primary',
  READING: 'text-primary',
  UNSURE: 'text-primary',
  FAULTY: 'text-warning',
  DONE: 'text-success',
};

type Props = { mine: Schemas['MyIdentity']; onTheirWay: OnItsWay[] };

/** What is needed and how far it is, kept up as documents come and are read. */
export function Checklist({ mine, onTheirWay }: Props) {
  const { t } = useTranslation();
  const sent = onTheirWay.filter((each) => each.problem === undefined).map((each) => each.documentType);
  const isOnItsWay = (needed: string) =>
    mine.counts.some((each) => each.category === needed && sent.includes(each.code));
  const items = mine.checklist.map(({ needed, progress }) => ({
    needed,
    progress: progress === 'OPEN' && isOnItsWay(needed) ? ('SENDING' as const) : progress,
  }));
  return (
    <section className="sheet p-5" aria-label={t('who.check.title')}>
      <ul className="space-y-1" aria-live="polite">
        {items.map((each) => (
          <li key={each.needed} className="grid grid-cols-[1.5rem_1fr] items-baseline">
            <span aria-hidden="true" className={`font-semibold ${INK[each.progress]}`}>
              {SHAPE[each.progress]}
            </span>
            <span>
              {t(`who.check.${each.needed}`)}{' '}
              <span className={INK[each.progress]}>{t(`who.progress.${each.progress}`)}</span>
            </span>
          </li>
        ))}
      </ul>
      {mine.enough && (
        <p className="mt-3 border-t border-base-300 pt-3 font-semibold text-success">
          {t('who.check.enough')}
        </p>
      )}
    </section>
  );
}
