import { useQuery } from '@tanstack/react-query';
import { api, take } from '../../api/client';
import { useHandoverText } from '../../claim/handover';

/** Where what was made out on a claim is, in one sentence; nothing while nothing is. */
export function WhereItIs({ claim }: { claim: string }) {
  const text = useHandoverText(true);
  const documents = useQuery({
    queryKey: ['documents', claim],
    queryFn: () => take(api.GET('/api/my/claims/{id}/documents', { params: { path: { id: claim } } })),
  });
  const standing = documents.data?.find((each) => each.state === 'STANDS' && each.handover);
  return standing?.handover ? <p className="mt-2">{text(standing.handover)}</p> : null;
}
