import { useSyncExternalStore } from 'react';
import { useTranslation } from 'react-i18next';

function listen(change: () => void) {
  window.addEventListener('online', change);
  window.addEventListener('offline', change);
  return () => {
    window.removeEventListener('online', change);
    window.removeEventListener('offline', change);
  };
}

/** Says that there is no network, and that what was typed and chosen is kept meanwhile. */
export function Network() {
  const { t } = useTranslation();
  const away = useSyncExternalStore(
    listen,
    () => !navigator.onLine,
    () => false,
  );
  return (
    <div role="status">
      {away && (
        <p className="border-b border-warning bg-base-100 px-5 py-2">
          <span aria-hidden="true" className="text-warning">
            ◈{' '}
          </span>
          {t('network.away')}
        </p>
      )}
    </div>
  );
}
