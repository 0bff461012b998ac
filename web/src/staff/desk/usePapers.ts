import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';

/** What a claim has to show, what its papers say, and what a caseworker says about them. */
export function usePapers(id: string) {
  const queries = useQueryClient();
  const key = ['papers', id];
  const changed = () => {
    void queries.invalidateQueries({ queryKey: key });
    void queries.invalidateQueries({ queryKey: ['readings', id] });
    void queries.invalidateQueries({ queryKey: ['desk', id] });
  };
  const evidence = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/evidence', { params: { path: { id } } })),
  });
  const readings = useQuery({
    queryKey: ['readings', id],
    queryFn: () => take(api.GET('/api/claims/{id}/readings', { params: { path: { id } } })),
    refetchInterval: (query) =>
      Object.values(query.state.data ?? {}).some((each) => each.state === 'WAITING') ? 2_000 : false,
  });
  const accept = useMutation({
    mutationFn: (paper: string) =>
      take(api.POST('/api/claims/{id}/papers/{paper}/accept', { params: { path: { id, paper } } })),
    onSuccess: changed,
  });
  const sendBack = useMutation({
    mutationFn: ({ paper, reason }: { paper: string; reason: string }) =>
      take(
        api.POST('/api/claims/{id}/papers/{paper}/send-back', {
          params: { path: { id, paper } },
          body: { reason },
        }),
      ),
    onSuccess: changed,
  });
  const see = useMutation({
    mutationFn: ({ paper, ...body }: { paper: string; page: number; values: Record<string, string> }) =>
      take(
        api.POST('/api/claims/{id}/papers/{paper}/shown', {
          params: { path: { id, paper } },
          body,
        }),
      ),
    onSuccess: changed,
  });
  const name = useMutation({
    mutationFn: ({ paper, ...body }: { paper: string; kind: string; subject: string }) =>
      take(
        api.POST('/api/claims/{id}/papers/{paper}/name', {
          params: { path: { id, paper } },
          body,
        }),
      ),
    onSuccess: changed,
  });
  const waive = useMutation({
    mutationFn: (wish: { kind: string; subject: string; reason: string }) =>
      take(api.POST('/api/claims/{id}/evidence/waive', { params: { path: { id } }, body: wish })),
    onSuccess: changed,
  });
  return { evidence, readings, accept, sendBack, see, name, waive };
}
