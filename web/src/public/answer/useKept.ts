import { useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';

const PAUSE = 700;

/** Keeps what is typed a moment after it changed, so that one can leave and come back. */
export function useKept(said: Schemas['Said'], keep: (said: Schemas['Said']) => void) {
  const text = JSON.stringify(said);
  const last = useRef(text);
  useEffect(() => {
    if (text === last.current) return;
    const timer = setTimeout(() => {
      last.current = text;
      keep(JSON.parse(text) as Schemas['Said']);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [text, keep]);
}
