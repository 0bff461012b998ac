import { useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { megabytesText } from '../../papers/bytes';
import type { OnItsWay } from './useIdentity';

/** Documents on their way, by bytes. Leaving the page while one is on its way is asked about first. */
export function Pending({ onTheirWay }: { onTheirWay: OnItsWay[] }) {
  const { t } = useTranslation();
  const busy = onTheirWay.some((each) => each.problem === undefined);
  useEffect(() => {
    if (!busy) return;
    const ask = (event: BeforeUnloadEvent) => event.preventDefault();
    window.addEventListener('beforeunload', ask);
    return () => window.removeEventListener('beforeunload', ask);
  }, [busy]);
  return onTheirWay.map((each) => (
    <section key={each.key} className="sheet border-s-4 border-s-primary p-5" aria-live="polite">
      <h2 className="text-lg">{t(`who.type.${each.documentType as 'PASSPORT'}`)}</h2>
      {each.problem === undefined ? (
        <>
          <progress
            className="progress progress-primary mt-2 w-full"
            value={each.sent}
            max={each.bytes}
            aria-label={t('papers.sending', { name: each.name })}
          />
          <p className="quiet text-sm">
            {t('who.bytes', { sent: megabytesText(each.sent), all: megabytesText(each.bytes) })}
          </p>
        </>
      ) : (
        <p className="mt-1 font-semibold text-error">{each.problem || t('papers.failed')}</p>
      )}
    </section>
  ));
}
