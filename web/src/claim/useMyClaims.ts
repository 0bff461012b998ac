import { useQuery } from '@tanstack/react-query';
import { api, take } from '../api/client';

/** The claims of whoever is signed in. */
export function useMyClaims() {
  return useQuery({ queryKey: ['my'], queryFn: () => take(api.GET('/api/my/claims')) });
}
