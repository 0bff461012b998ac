import { lazy, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, NavLink, useNavigate } from 'react-router';
import { isStaff, useSession, useSessionChange } from '../api/session';
import type { Command } from './commands';
import { useTheme } from './theme';

/** Staff look for claims; whoever applies does not load what that takes. */
const SearchBox = lazy(() => import('./SearchBox').then((it) => ({ default: it.SearchBox })));

/** The bar on top: where one is, where one can go, who is signed in. @param finds whether staff can look for claims */
export function Bar({ commands, finds }: { commands: Command[]; finds: boolean }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const { signOut, setKeys } = useSessionChange();
  const { theme, turn } = useTheme();
  const session = useSession().data;
  const staff = isStaff(session);
  const oversees = session?.role === 'SUPERVISOR' || session?.role === 'AUDITOR';
  const places: Command[] = [
    { label: t('command.daySheet'), run: () => go('/day-sheet') },
    { label: t('command.identities'), run: () => go('/identities') },
    { label: t('command.handingOver'), run: () => go('/handing-over') },
    ...(oversees
      ? [
          { label: t('command.misuse'), run: () => go('/misuse') },
          { label: t('command.audit'), run: () => go('/audit') },
          { label: t('command.accounts'), run: () => go('/accounts') },
        ]
      : []),
    { label: t('command.counterAccount'), run: () => go('/counter-account') },
    { label: t('command.rulebook'), run: () => go('/rulebook') },
    { label: t('command.outside'), run: () => go('/outside') },
    { label: t(theme === 'daybreak' ? 'theme.toDark' : 'theme.toLight'), run: turn },
    {
      label: t(session?.keys ? 'command.keysOff' : 'command.keysOn'),
      run: () => setKeys.mutate(!session?.keys),
    },
    { label: t('signOut'), run: () => signOut.mutate() },
  ];
  const link = ({ isActive }: { isActive: boolean }) =>
    `inline-flex h-11 items-center px-3 text-[0.9375rem] !font-normal !text-base-content ${isActive ? '!font-semibold border-b-2 border-primary' : ''}`;
  return (
    <header className="border-b border-base-300 bg-base-100 print:hidden">
      <a href="#page" className="sr-only focus:not-sr-only">
        {t('nav.skip')}
      </a>
      <div
        className={`flex min-h-11 flex-wrap items-center gap-x-2 px-4 ${staff ? '' : 'mx-auto max-w-[68.5rem] py-1'}`}
      >
        <Link
          to={staff ? '/day-sheet' : '/'}
          className="told inline-flex min-h-11 items-center text-xl no-underline"
        >
          Civitane
        </Link>
        {!staff && <span className="quiet hidden text-sm sm:inline">{t('agency')}</span>}
        <nav aria-label={t('nav.main')} className="flex flex-wrap">
          {staff && (
            <>
              <NavLink to="/day-sheet" className={link}>
                {t('nav.daySheet')}
              </NavLink>
              <NavLink to="/identities" className={link}>
                {t('nav.identities')}
              </NavLink>
              <NavLink to="/handing-over" className={link}>
                {t('nav.handingOver')}
              </NavLink>
              {oversees && (
                <>
                  <NavLink to="/misuse" className={link}>
                    {t('nav.misuse')}
                  </NavLink>
                  <NavLink to="/audit" className={link}>
                    {t('nav.audit')}
                  </NavLink>
                </>
              )}
              <NavLink to="/rulebook" className={link}>
                {t('nav.rulebook')}
              </NavLink>
              {session?.simulated && (
                <NavLink to="/outside" className={link}>
                  {t('nav.outside')}
                </NavLink>
              )}
            </>
          )}
          {session?.role === 'APPLICANT' && (
            <NavLink to="/my" className={link}>
              {t('nav.myClaims')}
            </NavLink>
          )}
        </nav>
        <span className="flex-1" />
        {staff && finds && (
          <Suspense fallback={null}>
            <SearchBox commands={[...commands, ...places]} />
          </Suspense>
        )}
        <Who />
      </div>
    </header>
  );
}

function Who() {
  const { t } = useTranslation();
  const session = useSession().data;
  const { signOut } = useSessionChange();
  if (!session?.role) {
    return (
      <Link to="/sign-in" className="inline-flex min-h-11 items-center">
        {t('signIn')}
      </Link>
    );
  }
  const role = t(`role.${session.role}`);
  return (
    <span className="flex items-center gap-3 text-sm">
      {session.role !== 'CARRYING' && (
        <Link
          to="/account"
          className="hidden min-h-11 items-center !font-normal !text-base-content sm:inline-flex"
        >
          <span className="sr-only">{t('own.title')}: </span>
          {session.name}
          {role && <span className="quiet ms-1"> · {role}</span>}
        </Link>
      )}
      <button
        type="button"
        className="min-h-11 cursor-pointer font-semibold text-primary"
        onClick={() => signOut.mutate()}
      >
        {t('signOut')}
      </button>
    </span>
  );
}
