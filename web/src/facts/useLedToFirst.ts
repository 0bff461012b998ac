import { useEffect, useState } from 'react';
import type { Fault } from './faultsOf';

const ENTERED = ':is(input, select, textarea, button, fieldset)';

/** To its field, or to the first one of what it is about, in the middle of the screen. @returns whether there is one */
export function toField({ path }: Pick<Fault, 'path'>): boolean {
  const field =
    document.getElementById(`fact-${path}`) ??
    document.querySelector<HTMLElement>(`${ENTERED}[id^="fact-${CSS.escape(path)}"]`);
  field?.focus();
  field?.scrollIntoView?.({ block: 'center' });
  return field !== null && field === document.activeElement;
}

/**
 * Leads whoever wanted to go on to the first field that keeps them, once the page says what is wrong there; to its top,
 * where all of it is listed, when that is nothing one types into.
 */
export function useLedToFirst(): (faults: Fault[]) => void {
  const [faults, leadTo] = useState<Fault[]>([]);
  useEffect(() => {
    const first = faults[0];
    if (first && !toField(first)) window.scrollTo(0, 0);
  }, [faults]);
  return leadTo;
}
