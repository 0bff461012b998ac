import { useSyncExternalStore } from 'react';

/** Whether the session ended while someone worked: kept outside the queries, since any of them can notice it. */
let ended = false;
const listeners = new Set<() => void>();

export function tellEnded(now: boolean) {
  if (ended === now) return;
  ended = now;
  for (const listener of listeners) listener();
}

export function useEnded(): boolean {
  return useSyncExternalStore(
    (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    () => ended,
    () => false,
  );
}
