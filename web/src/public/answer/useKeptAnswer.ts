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
  const keepers = useRef({ here, keep });
  keepers.current = { here, keep };
  useEffect(() => {
    if (text === last.current) return;
    last.current = text;
    const now = JSON.parse(text) as Schemas['Said'];
    keepers.current.here(now);
    const timer = setTimeout(() => keepers.current.keep(now), PAUSE);
    return () => clearTimeout(timer);
  }, [text]);
}
