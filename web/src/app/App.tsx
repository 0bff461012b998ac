import type { ReactNode } from 'react';
import { useTranslation } from 'react-i18next';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { isStaff, useSession } from '../api/session';
import { Page } from '../components/Page';
import { AccountScreen } from '../public/account/AccountScreen';
import { AnswerScreen } from '../public/answer/AnswerScreen';
import { ApplyScreen } from '../public/apply/ApplyScreen';
import { FixAnswerScreen } from '../public/fix-answer/FixAnswerScreen';
import { HomeScreen } from '../public/home/HomeScreen';
import { OfferScreen } from '../public/home/OfferScreen';
import { IdentityAnswerScreen } from '../public/identity-answer/IdentityAnswerScreen';
import { MessagesScreen } from '../public/messages/MessagesScreen';
import { MyClaimsScreen } from '../public/my-claims/MyClaimsScreen';
import { OthersScreen } from '../public/others/OthersScreen';
import { PapersScreen } from '../public/papers/PapersScreen';
import { RulebookScreen } from '../public/rulebook/RulebookScreen';
import { SignInScreen } from '../public/sign-in/SignInScreen';
import { SignUpScreen } from '../public/sign-in/SignUpScreen';
import { DaySheetScreen } from '../staff/day-sheet/DaySheetScreen';
import { DecideScreen } from '../staff/decide/DecideScreen';
import { DeskScreen } from '../staff/desk/DeskScreen';
import { HouseholdScreen } from '../staff/household/HouseholdScreen';
import { MisuseScreen } from '../staff/misuse/MisuseScreen';
import { OutsideScreen } from '../staff/outside/OutsideScreen';

/** Which screen an address leads to, and who may see it. */
export function App() {
  return (
    <Routes>
      <Route path="/" element={<HomeScreen />} />
      <Route path="/programmes/:programme" element={<OfferScreen />} />
      <Route path="/sign-in" element={<SignInScreen />} />
      <Route path="/sign-up" element={<SignUpScreen />} />
      <Route path="/answer" element={<AnswerScreen />} />
      <Route path="/rulebook" element={<RulebookScreen />} />
      <Route path="/apply/:programme" element={<Only staff={false} show={<ApplyScreen />} />} />
      <Route path="/my" element={<Only staff={false} show={<MyClaimsScreen />} />} />
      <Route path="/my/:claim/fix-list" element={<Only staff={false} show={<FixAnswerScreen />} />} />
      <Route path="/my/:claim/papers" element={<Only staff={false} show={<PapersScreen />} />} />
      <Route path="/my/:claim/identity" element={<Only staff={false} show={<IdentityAnswerScreen />} />} />
      <Route path="/my/:claim/account" element={<Only staff={false} show={<AccountScreen />} />} />
      <Route path="/my/:claim/others" element={<Only staff={false} show={<OthersScreen />} />} />
      <Route path="/misuse" element={<Only staff show={<MisuseScreen />} />} />
      <Route path="/my/:claim/messages" element={<Only staff={false} show={<MessagesScreen />} />} />
      <Route path="/claims/:claim/household" element={<Only staff show={<HouseholdScreen />} />} />
      <Route path="/outside" element={<Only staff show={<OutsideScreen />} />} />
      <Route path="/day-sheet" element={<Only staff show={<DaySheetScreen />} />} />
      <Route path="/claims/:claim" element={<Only staff show={<DeskScreen />} />} />
      <Route path="/claims/:claim/decide" element={<Only staff show={<DecideScreen />} />} />
      <Route path="*" element={<Navigate to="/" replace />} />
    </Routes>
  );
}

/** A convenience, no protection: the server refuses what an account may not do. */
function Only({ staff, show }: { staff: boolean; show: ReactNode }) {
  const { t } = useTranslation();
  const session = useSession();
  const { pathname } = useLocation();
  if (session.isPending) return <Page title={t('loading')}>{t('loading')}</Page>;
  if (!session.data?.role) return <Navigate to="/sign-in" state={{ from: pathname }} replace />;
  return isStaff(session.data) === staff ? show : <Navigate to="/" replace />;
}
