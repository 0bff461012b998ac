import { useEffect } from 'react';
import { useSession } from '../api/session';

/** Marks the list, and the heading that leads to it, from which single letters act. */
export const FROM_HERE = { 'data-keys': 'list' };

/**
 * Calls with every single key pressed in a list, or on the heading that leads to it: never while something is typed,
 * never elsewhere on the page, and not at all for whoever switched them off.
 *
 * @param press whether the key did something
 * @param within the mark of the place from which they act
 */
export function useKeys(press: (key: string) => boolean, within = 'list') {
  const on = useSession().data?.keys ?? false;
  useEffect(() => {
    if (!on) return undefined;
    const onKey = (event: KeyboardEvent) => {
      const at = event.target;
      const here = at instanceof HTMLElement && at.closest(`[data-keys="${within}"]`) !== null;
      const typing = at instanceof HTMLElement && /INPUT|TEXTAREA|SELECT/.test(at.tagName);
      if (!here || typing || event.ctrlKey || event.metaKey || event.altKey) return;
      if (press(event.key)) event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
