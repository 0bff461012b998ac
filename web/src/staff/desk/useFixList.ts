import { useState } from 'react';
import type { Schemas } from '../../api/client';
import { useKept } from '../../components/kept';
import type { NewPoint } from './FixListPanel';
import { withPoint } from './points';

type List = Schemas['SaveFixList'];
/** By when an answer is wanted, and what comes of it where there is none. */
export type Terms = { dueOn: string; ifNobody: NonNullable<List['then']> };

/**
 * The fix list that is being written at a desk: its points are kept on this device until it is saved or sent, what was
 * saved of it before is where it begins.
 */
export function useFixList(claim: string, desk: Schemas['Desk'] | undefined) {
  const [points, setPoints] = useKept<NewPoint[]>(`fix-list/${claim}`);
  const [at, setAt] = useState('');
  const [changed, setChanged] = useState<Partial<Terms>>({});
  const newest = desk?.asking.fixLists[0];
  const begun = newest?.state === 'DRAFT' ? newest : undefined;
  const saved: NewPoint[] = begun?.points ?? [];
  const terms: Terms = {
    dueOn: changed.dueOn ?? begun?.dueOn ?? desk?.asking.dueOn ?? '',
    ifNobody: changed.ifNobody ?? begun?.then ?? 'DECIDE',
  };
  return {
    /** Nothing while the list is not open. */
    points,
    setPoints,
    terms,
    onTerms: (what: Partial<Terms>) => setChanged((now) => ({ ...now, ...what })),
    count: points?.length ?? saved.length,
    /** The fact it was opened from, by its path; empty where it was not opened from a fact. */
    at,
    open: () => {
      setAt('');
      setPoints(points ?? saved);
    },
    /** Adds a point. @param from the fact at whose row it is asked, by its path */
    ask: (point: NewPoint, from = '') => {
      setAt(from);
      setPoints(withPoint(points ?? saved, point));
    },
    close: () => {
      setPoints(undefined);
      setChanged({});
    },
  };
}
