import { lazy, type ReactNode, Suspense } from 'react';
import { useTranslation } from 'react-i18next';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { useEnded, useOther } from '../api/ended';
import { isStaff, useSession } from '../api/session';
import { Page } from '../components/Page';
import { HomeScreen } from '../public/home/HomeScreen';
import { OfferScreen } from '../public/home/OfferScreen';
import { NotFoundScreen } from '../public/not-found/NotFoundScreen';
import { NeverWhite } from './Broken';
import { SCREENS, type Who } from './screens';

const OtherTab = lazy(() => import('./OtherTab').then((it) => ({ default: it.OtherTab })));
const SignInAgain = lazy(() => import('./SignInAgain').then((it) => ({ default: it.SignInAgain })));

const SHOWN = SCREENS.map(({ path, who, load }) => ({
  path,
  who,
  Shown: lazy(async () => ({ default: await load() })),
}));

/** The screen of the address, for whom it is. */
export function App() {
  return (
    <Suspense fallback={<Loading />}>
      <WhenEnded />
      <NeverWhite>
        <Routes>
          <Route path="/" element={<HomeScreen />} />
          <Route path="/programmes/:programme" element={<OfferScreen />} />
          {SHOWN.map(({ path, who, Shown }) => (
            <Route
              key={path}
              path={path}
              element={
                who === 'anyone' ? (
                  <Shown />
                ) : (
                  <Only who={who}>
                    <Shown />
                  </Only>
                )
              }
            />
          ))}
          <Route path="*" element={<NotFoundScreen />} />
        </Routes>
      </NeverWhite>
    </Suspense>
  );
}

/** Over whatever page it is: the session ended while someone worked, or became somebody else's. */
function WhenEnded() {
  const ended = useEnded();
  const other = useOther();
  const session = useSession().data;
  const worked = session?.role && session.role !== 'CARRYING';
  if (other) return <OtherTab whose={session?.name ?? ''} />;
  return ended && worked ? <SignInAgain email={session.email ?? ''} /> : null;
}

function Loading() {
  const { t } = useTranslation();
  return (
    <Page title={t('loading')} passing>
      {t('loading')}
    </Page>
  );
}

function Only({ who, children }: { who: Who; children: ReactNode }) {
  const session = useSession();
  const { pathname, search } = useLocation();
  if (session.isPending) return <Loading />;
  if (!session.data?.role) return <Navigate to="/sign-in" state={{ from: pathname + search }} replace />;
  return who === 'signedIn' || isStaff(session.data) === (who === 'staff') ? children : <NotFoundScreen />;
}
