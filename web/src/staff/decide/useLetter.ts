import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../../api/client';
import { openPdf } from '../../components/pdf';

/** The letter as it would go out with these words, as a picture; they are sent, since addresses are kept in logs. */
export function useLetter(claim: string, reason: string) {
  const picture = useQuery({
    queryKey: ['letter', claim, reason],
    queryFn: () =>
      take(
        api.POST('/api/claims/{id}/letter-preview/picture', {
          params: { path: { id: claim } },
          body: { reason },
          parseAs: 'blob',
        }),
      ) as Promise<unknown> as Promise<Blob>,
    gcTime: 0,
  });
  const [address, setAddress] = useState<string>();
  useEffect(() => {
    if (!picture.data) return undefined;
    const made = URL.createObjectURL(picture.data);
    setAddress(made);
    return () => URL.revokeObjectURL(made);
  }, [picture.data]);
  return { address, error: picture.error };
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
