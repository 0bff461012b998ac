import { useQuery } from '@tanstack/react-query';
import { useSearchParams } from 'react-router';
import { api, type Schemas, take } from '../api/client';

/** Which claims the day sheet shows; it stands in the address, so that it is as it was left. */
export type SheetFilter = {
  mine: boolean;
  /** Whose claims only, by their account; everyone's where it is empty. */
  only: string;
  programme: string;
};

/** How the sheet was left last, for who comes back to it by its name. */
let left = '';

/** The filter of the day sheet, from its address. */
export function useSheetFilter() {
  const [given, set] = useSearchParams(left);
  const filter = {
    mine: given.get('of') !== 'office',
    only: given.get('only') ?? '',
    programme: given.get('programme') ?? '',
  };
  return {
    ...filter,
    choose: (what: Partial<SheetFilter>) => {
      const now = { ...filter, ...what };
      const address = new URLSearchParams({
        ...(now.mine ? {} : { of: 'office' }),
        ...(now.only && !now.mine ? { only: now.only } : {}),
        ...(now.programme ? { programme: now.programme } : {}),
      });
      left = address.toString();
      set(address);
    },
  };
}

/** The filter as the server is asked for it. */
export function sheetQuery({ mine, only, programme }: SheetFilter) {
  return { mine, ...(only && !mine ? { only } : {}), ...(programme ? { programme } : {}) };
}

/** The sheet itself, fetched again while one looks at it. */
export function useSheet({ mine, only, programme }: SheetFilter) {
  return useQuery({
    queryKey: ['day-sheet', mine, only, programme],
    queryFn: () =>
      take(api.GET('/api/day-sheet', { params: { query: sheetQuery({ mine, only, programme }) } })),
    refetchInterval: 30_000,
  });
}

/** What comes next on one's own sheet after a claim, in the order in which the stacks are worked. */
export function useNextClaim(claim: string): Schemas['Row'] | undefined {
  const sheet = useSheet({ mine: true, only: '', programme: '' });
  return sheet.data?.stacks.flatMap((stack) => stack.rows).find((row) => row.id !== claim);
}
