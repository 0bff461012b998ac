import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';
import { dateText, momentText } from '../../i18n';

const EDGE = {
  CONFIRMED: 'border-s-success',
  UNCONFIRMED: 'border-s-warning',
  DISPUTED: 'border-s-error',
  MISUSE_SUSPECTED: 'border-s-error',
};

/** What the check says now, what it would say once all is accepted, and what that leads to. */
export function Verdict({
  grid,
  onTake,
  onLetter,
}: {
  grid: Schemas['IdentityGrid'];
  onTake: () => void;
  onLetter: () => void;
}) {
  const { t } = useTranslation();
  const { doubt, answered } = grid;
  return (
    <section className={`sheet mt-2 border-s-4 px-4 py-2 ${EDGE[grid.result]}`} aria-live="polite">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <p className="told text-lg">{grid.sentence}</p>
        {grid.needs.length > 0 && <p>{t('identity.needs', { needs: grid.needs.join(', ') })}</p>}
        {grid.result !== grid.onceAccepted && grid.onceAccepted === 'CONFIRMED' && (
          <p className="font-semibold text-success">
            <span aria-hidden="true">✓ </span>
            {t('grid.onceAccepted')}
          </p>
        )}
        <span className="flex-1" />
        {grid.mayWork && doubt?.state === 'ASKED' && (
          <button
            type="button"
            className="min-h-8 cursor-pointer font-semibold text-primary"
            title={t('grid.letterWhy')}
            onClick={onLetter}
          >
            {t('grid.letter')}
          </button>
        )}
        {grid.mayTake && (
          <button type="button" className="btn btn-primary h-auto min-h-8 " onClick={onTake}>
            {t('grid.take')} <kbd className="key text-base-content">t</kbd>
          </button>
        )}
      </div>
      <p>{grid.leadsTo}</p>
      <p className="quiet text-[0.8125rem]">
        {doubt &&
          t(`grid.asked.${doubt.occasion}`, {
            why: doubt.why,
            by: doubt.askedBy,
            date: dateText(doubt.dueOn, 'weekday'),
          })}
        {answered &&
          ` ${t('grid.answered', { number: answered.number, at: momentText(answered.at), name: answered.signedAs })}`}
        {answered?.phone &&
          ` ${t(answered.mayCall ? 'grid.mayCall' : 'grid.mayNotCall', { phone: answered.phone })}`}
      </p>
    </section>
  );
}
