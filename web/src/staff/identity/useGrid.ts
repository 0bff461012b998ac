import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, take } from '../../api/client';
import { openPdf } from '../../components/pdf';

/** The grid of a claim, and what a caseworker does on it; every answer is the grid as it stands then. */
export function useGrid(claim: string) {
  const queries = useQueryClient();
  const key = ['grid', claim];
  const path = { id: claim };
  const grid = useQuery({
    queryKey: key,
    queryFn: () => take(api.GET('/api/claims/{id}/identity', { params: { path } })),
    refetchInterval: (query) => (query.state.data?.columns.some((each) => each.beingRead) ? 2000 : false),
  });
  const now = (answered: Schemas['IdentityGrid']) => {
    queries.setQueryData(key, answered);
    for (const other of [['desk', claim], ['papers', claim], ['readings', claim], ['identities']])
      void queries.invalidateQueries({ queryKey: other });
  };
  const accept = useMutation({
    mutationFn: (paper: string) =>
      take(api.POST('/api/claims/{id}/identity/accept', { params: { path }, body: { paper } })),
    onSuccess: now,
  });
  const sendBack = useMutation({
    mutationFn: (wish: Schemas['SendDocumentBack']) =>
      take(api.POST('/api/claims/{id}/identity/send-back', { params: { path }, body: wish })),
    onSuccess: now,
  });
  const compared = useMutation({
    mutationFn: (words: string) =>
      take(api.POST('/api/claims/{id}/identity/compared', { params: { path }, body: { words } })),
    onSuccess: now,
  });
  const counter = useMutation({
    mutationFn: (seen: Schemas['AtCounter']) =>
      take(api.POST('/api/claims/{id}/identity/counter', { params: { path }, body: seen })),
    onSuccess: now,
  });
  const takeClaim = useMutation({
    mutationFn: () => take(api.POST('/api/claims/{id}/take', { params: { path } })),
    onSuccess: () => queries.invalidateQueries({ queryKey: key }),
  });
  const letter = useMutation({
    mutationFn: () =>
      openPdf(() =>
        take(api.POST('/api/claims/{id}/identity/letter', { params: { path }, parseAs: 'blob' })),
      ),
  });
  return { letter, grid, accept, sendBack, compared, counter, takeClaim };
}
