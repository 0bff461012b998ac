import { useEffect, useRef } from 'react';
import type { Schemas } from '../../api/client';

const PAUSE = 700;

/**
 * Keeps what is typed: at once in this tab, and a moment after it changed with the office, so that one can leave and come
 * back from anywhere.
 */
export function useKeptAnswer(
  said: Schemas['Said'],
  here: (said: Schemas['Said']) => void,
  keep: (said: Schemas['Said']) => void,
) {
  const text = JSON.stringify(said);
  const last = useRef(text);
  useEffect(() => {
    if (text === last.current) return;
    here(JSON.parse(text) as Schemas['Said']);
    const timer = setTimeout(() => {
      last.current = text;
      keep(JSON.parse(text) as Schemas['Said']);
    }, PAUSE);
    return () => clearTimeout(timer);
  }, [text, here, keep]);
}
