import type { ComponentType } from 'react';

/** Who sees a screen: a convenience, no protection, since the server refuses what an account may not do. */
export type Who = 'anyone' | 'signedIn' | 'applicant' | 'staff';

export type Screen = { path: string; who: Who; load: () => Promise<ComponentType> };

const screen = (path: string, who: Who, load: Screen['load']): Screen => ({ path, who, load });

/**
 * Which screen an address leads to. Each is loaded when it is asked for: whoever applies loads nothing of the staff's, and
 * no more than what is on the way.
 */
export const SCREENS: Screen[] = [
  screen('/sign-in', 'anyone', () => import('../public/sign-in/SignInScreen').then((it) => it.SignInScreen)),
  screen('/sign-up', 'anyone', () => import('../public/sign-in/SignUpScreen').then((it) => it.SignUpScreen)),
  screen('/forgotten', 'anyone', () =>
    import('../public/sign-in/ForgottenScreen').then((it) => it.ForgottenScreen),
  ),
  screen('/new-password', 'anyone', () =>
    import('../public/sign-in/NewPasswordScreen').then((it) => it.NewPasswordScreen),
  ),
  screen('/confirm-address', 'anyone', () =>
    import('../public/confirm-address/ConfirmAddressScreen').then((it) => it.ConfirmAddressScreen),
  ),
  screen('/accounts', 'staff', () =>
    import('../staff/accounts/AccountsScreen').then((it) => it.AccountsScreen),
  ),
  screen('/counter-account', 'staff', () =>
    import('../staff/counter-account/CounterAccountScreen').then((it) => it.CounterAccountScreen),
  ),
  screen('/account', 'signedIn', () =>
    import('../public/own-account/OwnAccountScreen').then((it) => it.OwnAccountScreen),
  ),
  screen('/answer', 'anyone', () => import('../public/answer/AnswerScreen').then((it) => it.AnswerScreen)),
  screen('/letter', 'anyone', () => import('../public/letter/LetterScreen').then((it) => it.LetterScreen)),
  screen('/carry/:claim?', 'anyone', () =>
    import('../public/identity-answer/CarryScreen').then((it) => it.CarryScreen),
  ),
  screen('/rulebook', 'anyone', () =>
    import('../public/rulebook/RulebookScreen').then((it) => it.RulebookScreen),
  ),
  screen('/apply/:programme/:chapter?', 'applicant', () =>
    import('../public/apply/ApplyScreen').then((it) => it.ApplyScreen),
  ),
  screen('/my', 'applicant', () =>
    import('../public/my-claims/MyClaimsScreen').then((it) => it.MyClaimsScreen),
  ),
  screen('/my/:claim/receipt', 'applicant', () =>
    import('../public/receipt/ReceiptScreen').then((it) => it.ReceiptScreen),
  ),
  screen('/check/:number?', 'anyone', () =>
    import('../public/check/CheckScreen').then((it) => it.CheckScreen),
  ),
  screen('/my/:claim/fee', 'applicant', () => import('../public/fee/FeeScreen').then((it) => it.FeeScreen)),
  screen('/my/:claim/letter', 'applicant', () =>
    import('../public/my-letter/MyLetterScreen').then((it) => it.MyLetterScreen),
  ),
  screen('/my/:claim/fix-list', 'applicant', () =>
    import('../public/fix-answer/FixAnswerScreen').then((it) => it.FixAnswerScreen),
  ),
  screen('/my/:claim/papers', 'applicant', () =>
    import('../public/papers/PapersScreen').then((it) => it.PapersScreen),
  ),
  screen('/my/:claim/identity/:step?', 'applicant', () =>
    import('../public/identity-answer/IdentityAnswerScreen').then((it) => it.IdentityAnswerScreen),
  ),
  screen('/my/:claim/account', 'applicant', () =>
    import('../public/account/AccountScreen').then((it) => it.AccountScreen),
  ),
  screen('/my/:claim/hours', 'applicant', () =>
    import('../public/hours/HoursScreen').then((it) => it.HoursScreen),
  ),
  screen('/my/:claim/days', 'applicant', () =>
    import('../public/days/DaysScreen').then((it) => it.DaysScreen),
  ),
  screen('/my/:claim/others', 'applicant', () =>
    import('../public/others/OthersScreen').then((it) => it.OthersScreen),
  ),
  screen('/audit', 'staff', () => import('../staff/audit/AuditScreen').then((it) => it.AuditScreen)),
  screen('/misuse', 'staff', () => import('../staff/misuse/MisuseScreen').then((it) => it.MisuseScreen)),
  screen('/my/:claim/messages', 'applicant', () =>
    import('../public/messages/MessagesScreen').then((it) => it.MessagesScreen),
  ),
  screen('/claims/:claim/household', 'staff', () =>
    import('../staff/household/HouseholdScreen').then((it) => it.HouseholdScreen),
  ),
  screen('/handing-over/:number?', 'staff', () =>
    import('../staff/handing-over/HandingOverScreen').then((it) => it.HandingOverScreen),
  ),
  screen('/identities', 'staff', () =>
    import('../staff/identities/IdentitiesScreen').then((it) => it.IdentitiesScreen),
  ),
  screen('/claims/:claim/identity', 'staff', () =>
    import('../staff/identity/IdentityScreen').then((it) => it.IdentityScreen),
  ),
  screen('/outside', 'staff', () => import('../staff/outside/OutsideScreen').then((it) => it.OutsideScreen)),
  screen('/day-sheet', 'staff', () =>
    import('../staff/day-sheet/DaySheetScreen').then((it) => it.DaySheetScreen),
  ),
  screen('/claims/:claim', 'staff', () => import('../staff/desk/DeskScreen').then((it) => it.DeskScreen)),
  screen('/claims/:claim/decide', 'staff', () =>
    import('../staff/decide/DecideScreen').then((it) => it.DecideScreen),
  ),
];

/** The screen of an address; nothing for those that come with every page, and where there is none. */
export function screenAt(address: string): Screen | undefined {
  return SCREENS.find(({ path }) => {
    const parts = path.replace(/\/:\w+\?/g, '(?:/[^/]+)?').replace(/:\w+/g, '[^/]+');
    return new RegExp(`^${parts}/?$`).test(address);
  });
}
