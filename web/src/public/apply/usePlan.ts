import { keepPreviousData, useQuery } from '@tanstack/react-query';
import { api, type Schemas, take } from '../../api/client';
import type { Answers } from '../../facts/answers';
import { amountOf, type Given } from '../../facts/shapes';

/**
 * What the days of an application come to as they are on the screen, and what it looks like coming to; worked out anew
 * with each stroke, and nothing of it is kept.
 *
 * @param painted whether the programme is about days at all
 */
export function usePlan(
  painted: boolean,
  draft: string | undefined,
  answers: Answers | undefined,
  supposed: Given,
): Schemas['Planned'] | undefined {
  const told = Object.fromEntries(
    Object.entries(supposed).map(([path, answer]) => [path, amountOf(String(answer ?? ''))]),
  );
  const { data } = useQuery({
    queryKey: ['plan', draft, answers, told],
    queryFn: ({ signal }) =>
      take(
        api.POST('/api/drafts/{id}/plan', {
          params: { path: { id: draft ?? '' } },
          body: { answers: answers ?? {}, supposed: told },
          signal,
        }),
      ),
    enabled: painted && draft !== undefined,
    placeholderData: keepPreviousData,
    retry: false,
  });
  return painted ? data : undefined;
}
