import { useSyncExternalStore } from 'react';

export type Theme = 'daybreak' | 'lamplight';

const KEPT = 'civitane-theme';
const listeners = new Set<() => void>();

const wantsDark = () => window.matchMedia?.('(prefers-color-scheme: dark)').matches ?? false;

function kept(): Theme | undefined {
  try {
    const found = localStorage.getItem(KEPT);
    return found === 'daybreak' || found === 'lamplight' ? found : undefined;
  } catch {
    return undefined;
  }
}

/** Light or dark: as chosen in this browser, else as the device has it. */
const now = (): Theme => kept() ?? (wantsDark() ? 'lamplight' : 'daybreak');

/** Puts on what was chosen before; without a choice the device's own setting counts. */
export function putOnTheme() {
  const chosen = kept();
  if (chosen) document.documentElement.dataset.theme = chosen;
}

function choose(theme: Theme) {
  try {
    localStorage.setItem(KEPT, theme);
  } catch {
    // a browser that keeps nothing shows it until the page is left
  }
  document.documentElement.dataset.theme = theme;
  for (const listener of listeners) listener();
}

function listen(listener: () => void) {
  listeners.add(listener);
  return () => listeners.delete(listener);
}

/** As the first page is written out, before a device has been asked. */
const written = (): Theme => 'daybreak';

export function useTheme() {
  const theme = useSyncExternalStore(listen, now, written);
  return { theme, turn: () => choose(theme === 'daybreak' ? 'lamplight' : 'daybreak') };
}
