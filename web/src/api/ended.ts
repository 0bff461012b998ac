import { useSyncExternalStore } from 'react';

/** What any call can notice, and so is kept outside the queries: something that is so until it is not any more. */
function noticed() {
  let now = false;
  const listeners = new Set<() => void>();
  const listen = (listener: () => void) => {
    listeners.add(listener);
    return () => listeners.delete(listener);
  };
  return {
    tell(so: boolean) {
      if (now === so) return;
      now = so;
      for (const listener of listeners) listener();
    },
    use: () =>
      useSyncExternalStore(
        listen,
        () => now,
        () => false,
      ),
  };
}

const ended = noticed();
const other = noticed();

/** Whether the session ended while someone worked. */
export const tellEnded = ended.tell;
export const useEnded = ended.use;

/** Somebody else signed in in another tab of this browser; this page is not theirs. */
export const tellOther = () => other.tell(true);
export const useOther = other.use;
