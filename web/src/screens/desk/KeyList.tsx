import { useTranslation } from 'react-i18next';

const KEYS = ['j', 'k', 'n', '1', '2', '3', '4', 'u', 'p', 'f', 'w', 'd'] as const;

/** All keys of the desk, with what each does. */
export function KeyList({ onClose }: { onClose: () => void }) {
  const { t } = useTranslation();
  return (
    <section className="border-b-2 border-base-300 bg-base-200/60 p-4" aria-labelledby="keys">
      <div className="flex">
        <h2 id="keys" className="flex-1 text-lg">
          {t('keys.title')}
        </h2>
        <button type="button" className="cursor-pointer font-semibold text-primary" onClick={onClose}>
          {t('desk.close')}
        </button>
      </div>
      <dl className="mt-2 grid grid-cols-2 gap-x-6 gap-y-1">
        {KEYS.map((key) => (
          <div key={key} className="flex gap-3">
            <dt className="key w-6 text-center">{key}</dt>
            <dd>{t(`keys.${key}`)}</dd>
          </div>
        ))}
      </dl>
    </section>
  );
}
