import react from '@vitejs/plugin-react';
import { defineConfig } from 'vitest/config';

// vitest's reporter tells with it what failed, and Node 20 has none
Map.groupBy ??= <K, T>(items: Iterable<T>, keyOf: (item: T, index: number) => K) => {
  const groups = new Map<K, T[]>();
  let index = 0;
  for (const item of items) {
    const key = keyOf(item, index++);
    groups.set(key, [...(groups.get(key) ?? []), item]);
  }
  return groups;
};

export default defineConfig({
  plugins: [react()],
  // the list of words is for people, too, and stands with the documents
  server: { fs: { allow: ['..'] } },
  test: {
    environment: 'jsdom',
    include: ['src/**/*.test.{ts,tsx}'],
    setupFiles: ['src/test/setup.ts'],
    // a machine that is busy is no failure
    testTimeout: 30_000,
  },
});
