import { enAnswer } from './en-answer';
import { enApply } from './en-apply';
import { enDesk } from './en-desk';
import { enMy } from './en-my';
import { enOffice } from './en-office';

/** Every text of the screens themselves; texts about claims and programmes come from the server. */
export const en = {
  agency: 'Halvern Household Services',
  loading: 'One moment …',
  signIn: 'Sign in',
  signOut: 'Sign out',
  signUp: 'Make an account',
  back: 'Back',
  nav: {
    main: 'Main',
    daySheet: 'Day sheet',
    rulebook: 'Rulebook',
    outside: 'Outside services',
    misuse: 'Misuse',
    myClaims: 'My claims',
    apply: 'Apply',
    find: 'Find a household or number',
    skip: 'Go to the page',
  },
  day: {
    hint: 'Day, month and year, such as 2 4 1990',
    unread: 'We cannot read this as a day. Write day, month and year, such as 2 4 1990.',
  },
  role: {
    CASEWORKER: 'caseworker',
    SUPERVISOR: 'supervisor',
    AUDITOR: 'auditor, may only read',
    APPLICANT: '',
  },
  ...enAnswer,
  ...enApply,
  ...enMy,
  ...enOffice,
  ...enDesk,
};
