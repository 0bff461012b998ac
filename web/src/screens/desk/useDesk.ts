import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, take } from '../../api/client';

/** One claim at the desk, and everything that can be done to it there. */
export function useDesk(id: string) {
  const queries = useQueryClient();
  const path = { id };
  const key = ['desk', id];
  const changed = () => {
    void queries.invalidateQueries({ queryKey: key });
    void queries.invalidateQueries({ queryKey: ['day-sheet'] });
  };
  const shown = (desk: Schemas['Desk']) => {
    queries.setQueryData(key, desk);
    void queries.invalidateQueries({ queryKey: ['day-sheet'] });
  };
  const desk = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/desk', { params: { path } })),
    refetchInterval: (query) =>
      query.state.data?.facts.some((group) => group.facts.some((fact) => fact.state === 'AWAITED'))
        ? 2_000
        : false,
  });
  const version = desk.data?.version ?? 0;
  const settle = useMutation({
    mutationFn: (wish: Omit<Schemas['Settle'], 'version'>) =>
      take(api.POST('/api/claims/{id}/settle', { params: { path }, body: { version, ...wish } })),
    onSuccess: shown,
    onError: changed,
  });
  const unsettle = useMutation({
    mutationFn: (factPath: string) =>
      take(api.POST('/api/claims/{id}/unsettle', { params: { path }, body: { version, path: factPath } })),
    onSuccess: shown,
  });
  const takeIt = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/take', { params: { path } })),
    onSuccess: changed,
  });
  const askRegister = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/ask-register', { params: { path } })),
    onSuccess: shown,
  });
  const saveList = useMutation({
    mutationFn: (list: Schemas['SaveFixList']) =>
      take(api.PUT('/api/claims/{id}/fix-list', { params: { path }, body: list })),
    onSuccess: changed,
  });
  const sendList = useMutation({
    mutationFn: async (list: Schemas['SaveFixList']) => {
      await take(api.PUT('/api/claims/{id}/fix-list', { params: { path }, body: list }));
      return take(api.POST('/api/claims/{id}/fix-list/send', { params: { path }, body: { version } }));
    },
    onSettled: changed,
  });
  const decide = useMutation({
    mutationFn: (reason: string) =>
      take(api.POST('/api/claims/{id}/decide', { params: { path }, body: { version, reason } })),
    onSuccess: changed,
  });
  return { desk, settle, unsettle, takeIt, askRegister, saveList, sendList, decide };
}
