import { type Dispatch, type SetStateAction, useState } from 'react';

const PREFIX = 'civitane:';

function read<T>(name: string): T | undefined {
  try {
    const found = sessionStorage.getItem(PREFIX + name);
    return found === null ? undefined : (JSON.parse(found) as T);
  } catch {
    return undefined;
  }
}

function write(name: string, value: unknown) {
  try {
    if (value === undefined) sessionStorage.removeItem(PREFIX + name);
    else sessionStorage.setItem(PREFIX + name, JSON.stringify(value));
  } catch {
    // a browser that keeps nothing has it until the page is left
  }
}

/**
 * What is being written and was not sent yet: kept in this tab over leaving the page and loading it again.
 *
 * @param name of what is written and where, made of codes; undefined is set once it was sent
 */
export function useKept<T>(name: string): [T | undefined, Dispatch<SetStateAction<T | undefined>>] {
  const [kept, setKept] = useState(() => ({ name, value: read<T>(name) }));
  const ofThis = (now: typeof kept) => (now.name === name ? now.value : read<T>(name));
  const set: Dispatch<SetStateAction<T | undefined>> = (next) =>
    setKept((now) => {
      const value = typeof next === 'function' ? (next as (before?: T) => T | undefined)(ofThis(now)) : next;
      write(name, value);
      return { name, value };
    });
  return [ofThis(kept), set];
}

/** Everything kept leaves the browser, since someone else may use it next. */
export function forgetKept() {
  try {
    for (const key of Object.keys(sessionStorage)) {
      if (key.startsWith(PREFIX)) sessionStorage.removeItem(key);
    }
  } catch {
    // nothing was kept
  }
}
