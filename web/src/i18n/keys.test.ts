/// <reference types="vite/client" />
import i18next from 'i18next';
import { expect, test } from 'vitest';
import './index';

const SOURCES = import.meta.glob<string>(['../**/*.{ts,tsx}', '!../**/*.test.*'], {
  query: '?raw',
  import: 'default',
  eager: true,
});
const SAID = /\bt\(\s*'([\w.]+)'/g;

test('whatever a screen says by its key has words', () => {
  const unsaid = Object.values(SOURCES).flatMap((source) =>
    [...source.matchAll(SAID)]
      .map((found) => found[1] ?? '')
      .filter((key) => !i18next.exists(key) && !i18next.exists(`${key}_other`)),
  );
  expect(Object.keys(SOURCES).length).toBeGreaterThan(50);
  expect(unsaid).toEqual([]);
});
