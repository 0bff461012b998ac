import { useTranslation } from 'react-i18next';
import { Link } from 'react-router';
import { useSession } from '../api/session';
import { useTheme } from './theme';

/** Below every page of the public side: who helps, how and when. */
export function Footer() {
  const { t } = useTranslation();
  const { theme, turn } = useTheme();
  const session = useSession().data;
  return (
    <footer className="mt-12 border-t border-base-300 bg-base-100 print:hidden">
      <div className="mx-auto flex max-w-[68.5rem] flex-wrap gap-x-12 gap-y-4 px-5 py-6 text-[0.9375rem]">
        <div>
          <p className="font-semibold">{t('help.title')}</p>
          <p>
            <a
              href={`tel:${t('help.number').replace(/ /g, '')}`}
              className="inline-flex min-h-11 items-center"
            >
              {t('help.number')}
            </a>{' '}
            {t('help.hours')}
          </p>
        </div>
        <div>
          <p className="font-semibold">{t('help.desk')}</p>
          <p className="flex min-h-11 items-center">{t('help.address')}</p>
        </div>
        <nav aria-label={t('help.more')} className="flex flex-wrap gap-x-6">
          <Link to="/letter" className="inline-flex min-h-11 items-center">
            {t('help.letter')}
          </Link>
          {session?.role === 'APPLICANT' && (
            <Link to="/account" className="inline-flex min-h-11 items-center">
              {t('own.title')}
            </Link>
          )}
          <Link to="/rulebook" className="inline-flex min-h-11 items-center">
            {t('nav.rulebook')}
          </Link>
          <button type="button" className="min-h-11 cursor-pointer font-semibold text-primary" onClick={turn}>
            {t(theme === 'daybreak' ? 'theme.toDark' : 'theme.toLight')}
          </button>
        </nav>
      </div>
    </footer>
  );
}
