import { type ReactNode, useEffect } from 'react';
import { useTranslation } from 'react-i18next';
import { Link, NavLink, useNavigate } from 'react-router';
import { isStaff, useSession, useSessionChange } from '../api/session';
import type { Command } from './commands';
import { SearchBox } from './SearchBox';

type Props = {
  title: string;
  wide?: boolean;
  /** What can be done on this page from the search field. */
  commands?: Command[];
  children: ReactNode;
};

/** The bar on top and the page below it; sets the document's title. */
export function Page({ title, wide = false, commands = [], children }: Props) {
  useEffect(() => {
    document.title = `${title} · Civitane`;
  }, [title]);
  return (
    <>
      <Bar commands={commands} />
      <main id="page" className={wide ? '' : 'mx-auto max-w-[1056px] px-5 py-8'}>
        {children}
      </main>
    </>
  );
}

function Bar({ commands }: { commands: Command[] }) {
  const { t } = useTranslation();
  const go = useNavigate();
  const { signOut } = useSessionChange();
  const session = useSession().data;
  const staff = isStaff(session);
  const mayLookIntoMisuse = session?.role === 'SUPERVISOR' || session?.role === 'AUDITOR';
  const places: Command[] = [
    { label: t('command.daySheet'), run: () => go('/day-sheet') },
    ...(mayLookIntoMisuse ? [{ label: t('command.misuse'), run: () => go('/misuse') }] : []),
    { label: t('command.rulebook'), run: () => go('/rulebook') },
    { label: t('command.outside'), run: () => go('/outside') },
    { label: t('signOut'), run: () => signOut.mutate() },
  ];
  const link = ({ isActive }: { isActive: boolean }) =>
    `inline-flex h-11 items-center px-3 text-[15px] !font-normal !text-base-content ${isActive ? '!font-semibold border-b-2 border-primary' : ''}`;
  return (
    <header className="border-b border-base-300 bg-base-100">
      <a href="#page" className="sr-only focus:not-sr-only">
        {t('nav.skip')}
      </a>
      <div
        className={`flex min-h-11 flex-wrap items-center gap-x-3 px-4 ${staff ? '' : 'mx-auto max-w-[1096px] py-1'}`}
      >
        <Link to={staff ? '/day-sheet' : '/'} className="told text-xl no-underline">
          Civitane
        </Link>
        {!staff && <span className="quiet hidden text-sm sm:inline">{t('agency')}</span>}
        <nav aria-label={t('nav.main')} className="flex">
          {staff && (
            <>
              <NavLink to="/day-sheet" className={link}>
                {t('nav.daySheet')}
              </NavLink>
              {mayLookIntoMisuse && (
                <NavLink to="/misuse" className={link}>
                  {t('nav.misuse')}
                </NavLink>
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
        {staff && <SearchBox commands={[...commands, ...places]} />}
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
      <span className="hidden sm:inline">
        {session.name}
        {role && <span className="quiet"> · {role}</span>}
      </span>
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
