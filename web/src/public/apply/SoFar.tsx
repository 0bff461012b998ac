import { useTranslation } from 'react-i18next';
import type { Schemas } from '../../api/client';

type Props = {
  estimate: Schemas['Estimate'];
  chapters: Schemas['Part'][];
  now: string;
  onGo: (chapter: string) => void;
};

/** The estimate, labelled as one, and what has been told so far; always in view. */
export function SoFar({ estimate, chapters, now, onGo }: Props) {
  const { t } = useTranslation();
  const at = chapters.findIndex((each) => each.id === now);
  return (
    <aside className="space-y-5">
      <section className="sheet border-l-4 border-l-primary p-5" aria-live="polite">
        <p className="quiet text-sm">{t('apply.soFar')}</p>
        <p className="told mt-1 text-xl">{estimate.headline}</p>
        <p className="mt-1 text-[15px]">{estimate.detail}</p>
      </section>
      <nav className="sheet p-5" aria-label={t('apply.told')}>
        <h2 className="!font-sans text-base">{t('apply.told')}</h2>
        <ul className="mt-2">
          {[
            ...chapters.map((each) => ({ id: each.id, title: each.title })),
            { id: 'read', title: t('apply.signTitle') },
          ].map((each, i) => {
            const done = at < 0 || i < at;
            return (
              <li key={each.id} className="flex min-h-9 items-center gap-2">
                <span aria-hidden="true" className="w-4 text-success">
                  {each.id === now ? '→' : done && i < chapters.length ? '✓' : ''}
                </span>
                <span className={`flex-1 ${each.id === now ? 'font-semibold' : done ? '' : 'quiet'}`}>
                  {each.title}
                </span>
                {done && each.id !== now && (
                  <button
                    type="button"
                    aria-label={`${t('apply.see')}: ${each.title}`}
                    className="cursor-pointer font-semibold text-primary"
                    onClick={() => onGo(each.id)}
                  >
                    {t('apply.see')}
                  </button>
                )}
              </li>
            );
          })}
        </ul>
      </nav>
    </aside>
  );
}
