import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, take } from '../api/client';

const ABOUT_TO_ANSWER = 2_000;
const SILENT = 20_000;

/** How long to wait before looking whether a register has answered; one that is silent is asked again seldom. */
function untilAnswered(registers: Schemas['Inquiry'][]): number | false {
  if (registers.some((each) => each.state === 'ASKED')) return ABOUT_TO_ANSWER;
  return registers.some((each) => each.state === 'SILENT') && SILENT;
}

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
    refetchInterval: (query) => untilAnswered(query.state.data?.registers ?? []),
  });
  const version = desk.data?.version ?? 0;
  const settle = useMutation({
    mutationFn: (wish: Omit<Schemas['Settle'], 'version'>) =>
      take(api.POST('/api/claims/{id}/settle', { params: { path }, body: { version, ...wish } })),
    onSuccess: shown,
    onError: changed,
  });
  const settleImmaterial = useMutation({
    mutationFn: (reason: string) =>
      take(api.POST('/api/claims/{id}/settle-immaterial', { params: { path }, body: { version, reason } })),
    onSuccess: shown,
    onError: changed,
  });
  const unsettle = useMutation({
    mutationFn: (factPath: string) =>
      take(api.POST('/api/claims/{id}/unsettle', { params: { path }, body: { version, path: factPath } })),
    onSuccess: shown,
    onError: changed,
  });
  const takeIt = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/take', { params: { path } })),
    onSuccess: changed,
  });
  const handOver = useMutation({
    mutationFn: (to: string) =>
      take(api.POST('/api/claims/{id}/hand-over', { params: { path }, body: { to } })),
    onSuccess: changed,
  });
  const standAside = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/stand-aside', { params: { path } })),
    onSuccess: changed,
  });
  const askRegister = useMutation({
    mutationFn: (request: string) =>
      take(api.POST('/api/claims/{id}/registers/{request}/ask', { params: { path: { id, request } } })),
    onSuccess: shown,
  });
  const withoutRegister = useMutation({
    mutationFn: ({ request, reason }: { request: string; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/registers/{request}/without', {
          params: { path: { id, request } },
          body: { reason },
        }),
      ),
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
  const answerTime = useMutation({
    mutationFn: (body: Schemas['TimeAnswer']) =>
      take(api.POST('/api/claims/{id}/fix-list/extension', { params: { path }, body })),
    onSettled: changed,
  });
  const doubt = useMutation({
    mutationFn: ({ occasion, why }: { occasion: Schemas['DoubtIt']['occasion']; why: string }) =>
      take(api.POST('/api/claims/{id}/doubt', { params: { path }, body: { version, occasion, why } })),
    onSuccess: shown,
    onError: changed,
  });
  const whatIf = useMutation({
    mutationFn: (value: Schemas['Tried']) =>
      take(api.POST('/api/claims/{id}/what-if', { params: { path }, body: { values: [value] } })),
  });
  const approveUrgent = useMutation({
    mutationFn: () =>
      take(api.POST('/api/claims/{id}/approve-urgent', { params: { path }, body: { version } })),
    onSettled: changed,
  });
  const decide = useMutation({
    mutationFn: (words: { reason: string; despite: string }) =>
      take(api.POST('/api/claims/{id}/decide', { params: { path }, body: { version, ...words } })),
    onSettled: changed,
  });
  return {
    desk,
    settle,
    settleImmaterial,
    unsettle,
    takeIt,
    handOver,
    standAside,
    askRegister,
    withoutRegister,
    saveList,
    sendList,
    answerTime,
    doubt,
    whatIf,
    approveUrgent,
    decide,
    changed,
  };
}
