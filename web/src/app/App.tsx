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

/** Loaded when it is asked for: whoever applies loads nothing of the staff's, and no more than what is on the way. */
const OtherTab = lazy(() => import('./OtherTab').then((it) => ({ default: it.OtherTab })));
const SignInAgain = lazy(() => import('./SignInAgain').then((it) => ({ default: it.SignInAgain })));
const SignInScreen = lazy(() =>
  import('../public/sign-in/SignInScreen').then((it) => ({ default: it.SignInScreen })),
);
const SignUpScreen = lazy(() =>
  import('../public/sign-in/SignUpScreen').then((it) => ({ default: it.SignUpScreen })),
);
const ForgottenScreen = lazy(() =>
  import('../public/sign-in/ForgottenScreen').then((it) => ({ default: it.ForgottenScreen })),
);
const NewPasswordScreen = lazy(() =>
  import('../public/sign-in/NewPasswordScreen').then((it) => ({ default: it.NewPasswordScreen })),
);
const OwnAccountScreen = lazy(() =>
  import('../public/own-account/OwnAccountScreen').then((it) => ({ default: it.OwnAccountScreen })),
);
const ApplyScreen = lazy(() =>
  import('../public/apply/ApplyScreen').then((it) => ({ default: it.ApplyScreen })),
);
const IdentityAnswerScreen = lazy(() =>
  import('../public/identity-answer/IdentityAnswerScreen').then((it) => ({
    default: it.IdentityAnswerScreen,
  })),
);
const FixAnswerScreen = lazy(() =>
  import('../public/fix-answer/FixAnswerScreen').then((it) => ({ default: it.FixAnswerScreen })),
);
const PapersScreen = lazy(() =>
  import('../public/papers/PapersScreen').then((it) => ({ default: it.PapersScreen })),
);
const AnswerScreen = lazy(() =>
  import('../public/answer/AnswerScreen').then((it) => ({ default: it.AnswerScreen })),
);
const LetterScreen = lazy(() =>
  import('../public/letter/LetterScreen').then((it) => ({ default: it.LetterScreen })),
);
const CarryScreen = lazy(() =>
  import('../public/identity-answer/CarryScreen').then((it) => ({ default: it.CarryScreen })),
);
const RulebookScreen = lazy(() =>
  import('../public/rulebook/RulebookScreen').then((it) => ({ default: it.RulebookScreen })),
);
const AccountScreen = lazy(() =>
  import('../public/account/AccountScreen').then((it) => ({ default: it.AccountScreen })),
);
const HoursScreen = lazy(() =>
  import('../public/hours/HoursScreen').then((it) => ({ default: it.HoursScreen })),
);
const DaysScreen = lazy(() => import('../public/days/DaysScreen').then((it) => ({ default: it.DaysScreen })));
const OthersScreen = lazy(() =>
  import('../public/others/OthersScreen').then((it) => ({ default: it.OthersScreen })),
);
const MessagesScreen = lazy(() =>
  import('../public/messages/MessagesScreen').then((it) => ({ default: it.MessagesScreen })),
);
const FeeScreen = lazy(() => import('../public/fee/FeeScreen').then((it) => ({ default: it.FeeScreen })));
const ConfirmAddressScreen = lazy(() =>
  import('../public/confirm-address/ConfirmAddressScreen').then((it) => ({
    default: it.ConfirmAddressScreen,
  })),
);
const CheckScreen = lazy(() =>
  import('../public/check/CheckScreen').then((it) => ({ default: it.CheckScreen })),
);
const MyLetterScreen = lazy(() =>
  import('../public/my-letter/MyLetterScreen').then((it) => ({ default: it.MyLetterScreen })),
);
const MyClaimsScreen = lazy(() =>
  import('../public/my-claims/MyClaimsScreen').then((it) => ({ default: it.MyClaimsScreen })),
);
const ReceiptScreen = lazy(() =>
  import('../public/receipt/ReceiptScreen').then((it) => ({ default: it.ReceiptScreen })),
);
const Staff = {
  AuditScreen: lazy(() => import('../staff/audit/AuditScreen').then((it) => ({ default: it.AuditScreen }))),
  AccountsScreen: lazy(() =>
    import('../staff/accounts/AccountsScreen').then((it) => ({ default: it.AccountsScreen })),
  ),
  CounterAccountScreen: lazy(() =>
    import('../staff/counter-account/CounterAccountScreen').then((it) => ({
      default: it.CounterAccountScreen,
    })),
  ),
  DaySheetScreen: lazy(() =>
    import('../staff/day-sheet/DaySheetScreen').then((it) => ({ default: it.DaySheetScreen })),
  ),
  DecideScreen: lazy(() =>
    import('../staff/decide/DecideScreen').then((it) => ({ default: it.DecideScreen })),
  ),
  DeskScreen: lazy(() => import('../staff/desk/DeskScreen').then((it) => ({ default: it.DeskScreen }))),
  HandingOverScreen: lazy(() =>
    import('../staff/handing-over/HandingOverScreen').then((it) => ({ default: it.HandingOverScreen })),
  ),
  HouseholdScreen: lazy(() =>
    import('../staff/household/HouseholdScreen').then((it) => ({ default: it.HouseholdScreen })),
  ),
  IdentitiesScreen: lazy(() =>
    import('../staff/identities/IdentitiesScreen').then((it) => ({ default: it.IdentitiesScreen })),
  ),
  IdentityScreen: lazy(() =>
    import('../staff/identity/IdentityScreen').then((it) => ({ default: it.IdentityScreen })),
  ),
  MisuseScreen: lazy(() =>
    import('../staff/misuse/MisuseScreen').then((it) => ({ default: it.MisuseScreen })),
  ),
  OutsideScreen: lazy(() =>
    import('../staff/outside/OutsideScreen').then((it) => ({ default: it.OutsideScreen })),
  ),
};

/** Which screen an address leads to, and who may see it. */
export function App() {
  return (
    <Suspense fallback={<Loading />}>
      <WhenEnded />
      <NeverWhite>
        <Routes>
          <Route path="/" element={<HomeScreen />} />
          <Route path="/programmes/:programme" element={<OfferScreen />} />
          <Route path="/sign-in" element={<SignInScreen />} />
          <Route path="/sign-up" element={<SignUpScreen />} />
          <Route path="/forgotten" element={<ForgottenScreen />} />
          <Route path="/new-password" element={<NewPasswordScreen />} />
          <Route path="/confirm-address" element={<ConfirmAddressScreen />} />
          <Route path="/accounts" element={<Only staff show={<Staff.AccountsScreen />} />} />
          <Route path="/counter-account" element={<Only staff show={<Staff.CounterAccountScreen />} />} />
          <Route path="/account" element={<Only show={<OwnAccountScreen />} />} />
          <Route path="/answer" element={<AnswerScreen />} />
          <Route path="/letter" element={<LetterScreen />} />
          <Route path="/carry/:claim?" element={<CarryScreen />} />
          <Route path="/rulebook" element={<RulebookScreen />} />
          <Route path="/apply/:programme/:chapter?" element={<Only staff={false} show={<ApplyScreen />} />} />
          <Route path="/my" element={<Only staff={false} show={<MyClaimsScreen />} />} />
          <Route path="/my/:claim/receipt" element={<Only staff={false} show={<ReceiptScreen />} />} />
          <Route path="/check/:number?" element={<CheckScreen />} />
          <Route path="/my/:claim/fee" element={<Only staff={false} show={<FeeScreen />} />} />
          <Route path="/my/:claim/letter" element={<Only staff={false} show={<MyLetterScreen />} />} />
          <Route path="/my/:claim/fix-list" element={<Only staff={false} show={<FixAnswerScreen />} />} />
          <Route path="/my/:claim/papers" element={<Only staff={false} show={<PapersScreen />} />} />
          <Route
            path="/my/:claim/identity/:step?"
            element={<Only staff={false} show={<IdentityAnswerScreen />} />}
          />
          <Route path="/my/:claim/account" element={<Only staff={false} show={<AccountScreen />} />} />
          <Route path="/my/:claim/hours" element={<Only staff={false} show={<HoursScreen />} />} />
          <Route path="/my/:claim/days" element={<Only staff={false} show={<DaysScreen />} />} />
          <Route path="/my/:claim/others" element={<Only staff={false} show={<OthersScreen />} />} />
          <Route path="/audit" element={<Only staff show={<Staff.AuditScreen />} />} />
          <Route path="/misuse" element={<Only staff show={<Staff.MisuseScreen />} />} />
          <Route path="/my/:claim/messages" element={<Only staff={false} show={<MessagesScreen />} />} />
          <Route path="/claims/:claim/household" element={<Only staff show={<Staff.HouseholdScreen />} />} />
          <Route path="/handing-over/:number?" element={<Only staff show={<Staff.HandingOverScreen />} />} />
          <Route path="/identities" element={<Only staff show={<Staff.IdentitiesScreen />} />} />
          <Route path="/claims/:claim/identity" element={<Only staff show={<Staff.IdentityScreen />} />} />
          <Route path="/outside" element={<Only staff show={<Staff.OutsideScreen />} />} />
          <Route path="/day-sheet" element={<Only staff show={<Staff.DaySheetScreen />} />} />
          <Route path="/claims/:claim" element={<Only staff show={<Staff.DeskScreen />} />} />
          <Route path="/claims/:claim/decide" element={<Only staff show={<Staff.DecideScreen />} />} />
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

/** A convenience, no protection: the server refuses what an account may not do. For both sides where none is named. */
function Only({ staff, show }: { staff?: boolean; show: ReactNode }) {
  const session = useSession();
  const { pathname, search } = useLocation();
  if (session.isPending) return <Loading />;
  if (!session.data?.role) return <Navigate to="/sign-in" state={{ from: pathname + search }} replace />;
  return staff === undefined || isStaff(session.data) === staff ? show : <NotFoundScreen />;
}
