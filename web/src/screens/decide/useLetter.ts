import { useQuery } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { api, take } from '../../api/client';

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
export async function openPdf(claim: string, reason: string) {
  const tab = window.open('', '_blank');
  const pdf = (await take(
    api.POST('/api/claims/{id}/letter-preview', {
      params: { path: { id: claim } },
      body: { reason },
      parseAs: 'blob',
    }),
  )) as unknown as Blob;
  if (tab) tab.location.href = URL.createObjectURL(pdf);
}
