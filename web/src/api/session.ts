import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetKept } from '../components/kept';
import { tellOffice } from '../i18n';
import { forgetFiles } from '../papers/keptFiles';
import { actFor, api, type Schemas, take } from './client';
import { tellEnded, tellOther } from './ended';

export const isStaff = (session: Schemas['Session'] | undefined): boolean =>
  session?.role === 'CASEWORKER' || session?.role === 'SUPERVISOR' || session?.role === 'AUDITOR';

type Session = Schemas['Session'];

export function useSession() {
  return useQuery({
    queryKey: ['session'],
    queryFn: async ({ client }) => {
      const before = client.getQueryData<Session>(['session']);
      const session = unlessEnded(before, await take(api.GET('/api/session')));
      actFor(session.account);
      tellOffice(session.office);
      return session;
    },
    staleTime: 60_000,
  });
}

/**
 * Whoever was signed in and is not any more stays on the page and is asked to come back; nothing there is given up. It stays
 * theirs, too, when somebody else signed in in another tab.
 */
export function unlessEnded(before: Session | undefined, now: Session): Session {
  if (!before?.role || now.account === before.account) return now;
  if (now.role) tellOther();
  else tellEnded(true);
  return before;
}

/** Signs in, up or out, and forgets what belonged to whoever was there before. */
export function useSessionChange() {
  const queries = useQueryClient();
  const keep = (session: Schemas['Session']) => {
    actFor(session.account);
    queries.setQueryData(['session'], session);
  };
  const entered = (session: Schemas['Session']) => {
    tellEnded(false);
    if (session.step) {
      keep(session);
      return;
    }
    forgetKept();
    void forgetFiles();
    queries.clear();
    keep(session);
  };
  const back = (session: Schemas['Session']) => {
    tellEnded(false);
    keep(session);
    void queries.invalidateQueries();
  };
  const signIn = useMutation({
    mutationFn: (wish: Schemas['SignIn']) => take(api.POST('/api/session', { body: wish })),
    onSuccess: entered,
  });
  /** The same person comes back after the session ended: nothing on the page is given up. */
  const signInAgain = useMutation({
    mutationFn: (wish: Schemas['SignIn']) => take(api.POST('/api/session', { body: wish })),
    onSuccess: (session) => {
      if (!session.step) back(session);
    },
  });
  /** Whether single letters do something, kept with the account. */
  const setKeys = useMutation({
    mutationFn: (on: boolean) => take(api.PUT('/api/session/keys', { body: { on } })),
    onSuccess: keep,
  });
  /** The second step, after the password. */
  const giveCode = useMutation({
    mutationFn: (code: string) => take(api.POST('/api/session/code', { body: { code } })),
    onSuccess: entered,
  });
  /** As {@link giveCode}, over the page when the session ended: nothing on it is given up. */
  const giveCodeAgain = useMutation({
    mutationFn: (code: string) => take(api.POST('/api/session/code', { body: { code } })),
    onSuccess: back,
  });
  /** A second step was set up while signing in. */
  const stepOn = keep;
  /** Sends a code; the account is made with it. */
  const signUp = useMutation({
    mutationFn: (wish: Schemas['SignUp']) => take(api.POST('/api/account', { body: wish })),
  });
  const confirmSignUp = useMutation({
    mutationFn: (shown: Schemas['SignUpCode']) => take(api.POST('/api/account/confirm', { body: shown })),
    onSuccess: entered,
  });
  const signOut = useMutation({
    mutationFn: () => take(api.DELETE('/api/session')),
    onSuccess: async () => {
      queries.clear();
      forgetKept();
      await forgetFiles();
      window.location.assign('/');
    },
  });
  return { signIn, signInAgain, giveCode, giveCodeAgain, stepOn, setKeys, signUp, confirmSignUp, signOut };
}
