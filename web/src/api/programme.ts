import { useQuery } from '@tanstack/react-query';
import { api, take } from './client';

/** What a programme asks, as the server gives it. */
export function useProgramme(programme: string) {
  return useQuery({
    queryKey: ['form', programme],
    queryFn: () => take(api.GET('/api/programmes/{id}', { params: { path: { id: programme } } })),
    staleTime: Number.POSITIVE_INFINITY,
  });
}
