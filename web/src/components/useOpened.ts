import { useEffect, useRef } from 'react';

const FIELDS = 'textarea, select, input:not([type="hidden"]), button';

/** What is open and how each is closed, the newest last. */
const open: { close: () => void }[] = [];

function onEscape(event: KeyboardEvent) {
  const last = open.at(-1);
  if (event.key !== 'Escape' || event.defaultPrevented || !last) return;
  event.preventDefault();
  last.close();
}

/**
 * For what opens within a page: the focus goes to its first field, Escape closes what opened last, and on closing the
 * focus is again on what opened it, unless people went elsewhere meanwhile.
 *
 * @param first which field is the first, as a selector; empty where the focus stays in the list it was opened from
 */
export function useOpened<T extends HTMLElement>(onClose: () => void, first = FIELDS) {
  const panel = useRef<T>(null);
  const close = useRef(onClose);
  close.current = onClose;
  useEffect(() => {
    const from = document.activeElement;
    const own = { close: () => close.current() };
    if (open.push(own) === 1) window.addEventListener('keydown', onEscape);
    if (first) panel.current?.querySelector<HTMLElement>(first)?.focus();
    return () => {
      open.splice(open.indexOf(own), 1);
      if (open.length === 0) window.removeEventListener('keydown', onEscape);
      const now = document.activeElement;
      const isLost = !now || now === document.body || (panel.current?.contains(now) ?? false);
      if (isLost && from instanceof HTMLElement && from.isConnected && from !== document.body) from.focus();
    };
  }, [first]);
  return panel;
}
