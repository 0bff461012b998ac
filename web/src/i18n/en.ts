import { enAccount } from './en-account';
import { enAccounts } from './en-accounts';
import { enAnswer } from './en-answer';
import { enApply } from './en-apply';
import { enDesk } from './en-desk';
import { enHandover } from './en-handover';
import { enHours } from './en-hours';
import { enIdentities } from './en-identities';
import { enIdentity } from './en-identity';
import { enMy } from './en-my';
import { enOffice } from './en-office';
import { enPlan } from './en-plan';

/** Every text of the screens themselves; texts about claims and programmes come from the server. */
export const en = {
  agency: 'Halvern Household Services',
  loading: 'One moment …',
  notShown: 'This cannot be shown',
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
    audit: 'Audit',
    identities: 'Identities',
    handingOver: 'Handing over',
    myClaims: 'My claims',
    apply: 'Apply',
    find: 'Find a household or number',
    skip: 'Go to the page',
  },
  network: {
    away: 'There is no network at present. What you typed and chose stays here, and it goes on by itself once the network is back.',
  },
  help: {
    title: 'We help you with it',
    number: '+999 555 0100',
    hours: 'Monday to Friday, 8 to 16',
    desk: 'Or come to the desk',
    address: 'Halvern Household Services, Tarn Quay 1, 1000 Halvern',
    more: 'More',
    letter: 'I have a letter with a code',
  },
  theme: { toDark: 'Dark screen', toLight: 'Light screen' },
  broken: {
    title: 'This page broke',
    words:
      'Something on it went wrong on our side, and nothing you did. What you typed is kept. Try again; if it breaks again, close it and come back later, or call us.',
    again: 'Try again',
  },
  notFound: {
    title: 'There is nothing at this address',
    words: 'It may have been typed wrong, or what was here is gone. Nothing of yours is lost.',
    toSheet: 'To the day sheet',
    toMine: 'To My claims',
    toStart: 'To the first page',
  },
  ended: {
    title: 'Please sign in again',
    words:
      'You are not signed in any more. What you typed is still here, and nothing is lost. You are {{email}}.',
    other: 'Someone else is here now',
  },
  otherTab: {
    title: 'Someone else signed in here',
    words:
      'In another tab of this browser, someone else has signed in since. This page is still that of {{whose}}, so nothing on it is sent any more. What was saved before is safe.',
    goOn: 'Go on as who is signed in now',
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
    CARRYING: '',
    HALFWAY: '',
  },
  ...enAccount,
  ...enAccounts,
  ...enAnswer,
  ...enApply,
  ...enMy,
  ...enOffice,
  ...enPlan,
  ...enHours,
  ...enDesk,
  ...enIdentity,
  ...enHandover,
  ...enIdentities,
};
