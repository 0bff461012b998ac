import { useEffect, useRef, useState } from 'react';

/** Whoever adds a line writes in it next: its first field has the focus, in view. The lines are marked `data-line`. */
export function useAdded<T extends HTMLElement>() {
  const lines = useRef<T>(null);
  const [times, setTimes] = useState(0);
  useEffect(() => {
    if (times === 0) return;
    const last = [...(lines.current?.querySelectorAll('[data-line]') ?? [])].at(-1);
    last?.querySelector<HTMLElement>('input, select, textarea')?.focus();
  }, [times]);
  return { lines, added: () => setTimes((before) => before + 1) };
}
