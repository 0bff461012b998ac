import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, take } from './client';

export const isStaff = (session: Schemas['Session'] | undefined): boolean =>
  Boolean(session?.role && session.role !== 'APPLICANT');

export function useSession() {
  return useQuery({ queryKey: ['session'], queryFn: () => take(api.GET('/api/session')), staleTime: 60_000 });
}

/** Signs in, up or out, and forgets what belonged to whoever was there before. */
export function useSessionChange() {
  const queries = useQueryClient();
  const entered = (session: Schemas['Session']) => {
    queries.clear();
    queries.setQueryData(['session'], session);
  };
  const signIn = useMutation({
    mutationFn: (wish: Schemas['SignIn']) => take(api.POST('/api/session', { body: wish })),
    onSuccess: entered,
  });
  const signUp = useMutation({
    mutationFn: (wish: Schemas['SignUp']) => take(api.POST('/api/account', { body: wish })),
    onSuccess: entered,
  });
  const signOut = useMutation({
    mutationFn: () => take(api.DELETE('/api/session')),
    onSuccess: () => {
      queries.clear();
      window.location.assign('/');
    },
  });
  return { signIn, signUp, signOut };
}
