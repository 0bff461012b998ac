import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, take } from '../../api/client';

/** What a claim has to show, and what a caseworker says about the papers that came. */
export function usePapers(id: string) {
  const queries = useQueryClient();
  const key = ['papers', id];
  const changed = () => {
    void queries.invalidateQueries({ queryKey: key });
    void queries.invalidateQueries({ queryKey: ['desk', id] });
  };
  const evidence = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/evidence', { params: { path: { id } } })),
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
  const waive = useMutation({
    mutationFn: (wish: { kind: string; subject: string; reason: string }) =>
      take(api.POST('/api/claims/{id}/evidence/waive', { params: { path: { id } }, body: wish })),
    onSuccess: changed,
  });
  return { evidence, accept, sendBack, waive };
}
