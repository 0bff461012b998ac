/**
 * Whether any of it was not answered yet, be it by an error: what is shown together waits for that. Nothing waits for what
 * is asked anew, or what failed would be asked for ever, each time by what it makes room for.
 */
export function isComing(...asked: { isLoading: boolean; isFetched: boolean }[]): boolean {
  return asked.some((each) => each.isLoading && !each.isFetched);
}
