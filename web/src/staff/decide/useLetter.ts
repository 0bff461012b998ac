import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { openPdf } from '../../components/pdf';

/** The letter as it would go out with these words; they are sent, since addresses are kept in logs. */
export function useLetter(claim: string, reason: string) {
  return useQuery({
    queryKey: ['letter', claim, reason],
    queryFn: () =>
      take(
        api.POST('/api/claims/{id}/letter-preview/text', {
          params: { path: { id: claim } },
          body: { reason },
        }),
      ),
    placeholderData: (before) => before,
    gcTime: 0,
  });
}

/** Opens the same letter as PDF in a tab of its own. */
export function openLetter(claim: string, reason: string) {
  return openPdf(() =>
    take(
      api.POST('/api/claims/{id}/letter-preview', {
        params: { path: { id: claim } },
        body: { reason },
        parseAs: 'blob',
      }),
    ),
  );
}
