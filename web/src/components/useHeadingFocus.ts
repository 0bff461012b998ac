import { useEffect, useRef } from 'react';
import { useLocation, useNavigationType } from 'react-router';

/** How long whatever closes is given to put the focus back by itself, in milliseconds. */
const MOMENT = 120;

const heading = () => document.querySelector<HTMLElement>('main h1');
const isLost = () => document.activeElement === null || document.activeElement === document.body;
/** Whoever began to write while the page was still coming goes on writing. */
const isTyping = () => /INPUT|TEXTAREA|SELECT/.test(document.activeElement?.tagName ?? '');

function focus(on: HTMLElement | null) {
  if (!on) return;
  if (!on.hasAttribute('tabindex')) on.tabIndex = -1;
  on.focus({ preventScroll: true });
}

/**
 * Where the focus is when nothing has it: on the heading after a change of page or chapter, and again on it when what
 * had the focus is gone from the page. So whoever listens or uses the keyboard is never left nowhere. A page is found at
 * its top; one that is come back to, where it was left.
 */
export function useHeadingFocus() {
  const { pathname } = useLocation();
  const cameBack = useNavigationType() === 'POP';
  const told = useRef('');
  useEffect(() => {
    let waiting = 0;
    const look = () => {
      if (told.current !== pathname && heading()) {
        told.current = pathname;
        if (!cameBack) window.scrollTo(0, 0);
        if (!isTyping()) focus(heading());
      }
      window.clearTimeout(waiting);
      if (isLost()) waiting = window.setTimeout(() => isLost() && focus(heading()), MOMENT);
    };
    look();
    const watch = new MutationObserver(look);
    watch.observe(document.body, { childList: true, subtree: true });
    return () => {
      watch.disconnect();
      window.clearTimeout(waiting);
    };
  }, [pathname, cameBack]);
}
