import { useEffect, useRef } from 'react';
import { useNavigationType } from 'react-router';
import { useKept } from '../../components/kept';

/**
 * Whoever comes back to the sheet is at the row they left.
 *
 * @param isThere whether the rows are drawn
 */
export function useRowLeft(isThere: boolean) {
  const [left, leave] = useKept<string>('sheet-row');
  const cameBack = useNavigationType() === 'POP';
  const goOnAt = useRef(cameBack ? left : undefined);
  useEffect(() => {
    if (!isThere || !goOnAt.current) return;
    document.querySelector<HTMLElement>(`[data-row="${CSS.escape(goOnAt.current)}"]`)?.focus();
    goOnAt.current = undefined;
  }, [isThere]);
  useEffect(() => {
    const onFocus = ({ target }: FocusEvent) => {
      const row = target instanceof Element ? target.closest('li')?.querySelector('[data-row]') : null;
      if (row instanceof HTMLElement && row.dataset.row) leave(row.dataset.row);
    };
    document.addEventListener('focusin', onFocus);
    return () => document.removeEventListener('focusin', onFocus);
  });
}
