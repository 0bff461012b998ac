import { useSyncExternalStore } from 'react';

/** From this width on, what belongs beside the form stands beside it. */
export const BESIDE = '(min-width: 64rem)';

/** Whether the screen is as a media query says. */
export function useMedia(query: string): boolean {
  return useSyncExternalStore(
    (listener) => {
      const media = window.matchMedia(query);
      media.addEventListener('change', listener);
      return () => media.removeEventListener('change', listener);
    },
    () => window.matchMedia(query).matches,
  );
}
