import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, ProblemError, type Schemas, take } from '../../api/client';
import type { Answers } from './answers';

/** The draft of a programme: begun when there is none, saved whole at every step. */
export function useDraft(programme: string) {
  const queries = useQueryClient();
  const key = ['draft', programme];
  const draft = useQuery({
    queryKey: key,
    queryFn: () => take(api.POST('/api/drafts', { body: { programme } })),
    staleTime: Number.POSITIVE_INFINITY,
    retry: false,
  });
  const save = useMutation({
    mutationFn: (wish: { answers: Answers; chapter: string }) => {
      const { id, version } = queries.getQueryData<Schemas['DraftView']>(key) ?? { id: '', version: 0 };
      return take(api.PUT('/api/drafts/{id}', { params: { path: { id } }, body: { version, ...wish } }));
    },
    onSuccess: (saved) => queries.setQueryData(key, saved),
    onError: (problem) => {
      if (problem instanceof ProblemError && problem.status === 409)
        void queries.invalidateQueries({ queryKey: key });
    },
  });
  const handIn = useMutation({
    mutationFn: (wish: Schemas['HandIn']) =>
      take(
        api.POST('/api/drafts/{id}/hand-in', { params: { path: { id: draft.data?.id ?? '' } }, body: wish }),
      ),
    onSuccess: () => {
      void queries.invalidateQueries({ queryKey: ['my'] });
      void queries.invalidateQueries({ queryKey: ['drafts'] });
    },
  });
  return { draft, save, handIn };
}
