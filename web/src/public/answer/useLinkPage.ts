import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, type Schemas, take } from '../../api/client';

/** The page that a link leads to, and what can be done on it. */
export function useLinkPage(token: string) {
  const queries = useQueryClient();
  const key = ['link', token];
  const put = (page: Schemas['LinkPage']) => queries.setQueryData(key, page);
  const page = useQuery({
    queryKey: key,
    queryFn: () => take(api.POST('/api/link', { body: { token } })),
    retry: false,
  });
  const confirm = useMutation({
    mutationFn: (who: { born: string; proof: string }) =>
      take(api.POST('/api/link/confirm', { body: { token, ...who } })),
    onSuccess: (confirmed) => put(confirmed.page),
  });
  const code = useMutation({
    mutationFn: () => take(api.POST('/api/link/code', { body: { token } })),
    onSuccess: put,
  });
  const keep = useMutation({
    mutationFn: (said: Schemas['Said']) => take(api.POST('/api/link/begun', { body: { token, said } })),
  });
  const answer = useMutation({
    mutationFn: (said: Schemas['Said']) => take(api.POST('/api/link/answer', { body: { token, said } })),
    onSuccess: put,
  });
  return { page, confirm, code, keep, answer };
}
