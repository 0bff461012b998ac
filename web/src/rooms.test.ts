/// <reference types="vite/client" />
import { describe, expect, it } from 'vitest';

const SOURCES = import.meta.glob<string>('./**/*.{ts,tsx}', {
  query: '?raw',
  import: 'default',
  eager: true,
});

/** What a file imports from here, as paths from the root of the sources. */
function imports(file: string): string[] {
  return [...(SOURCES[file] ?? '').matchAll(/from '(\.[^']+)'/g)].map((found) =>
    new URL(found[1] ?? '', `file:///${file.slice(2)}`).pathname.slice(1),
  );
}

const files = Object.keys(SOURCES);
const isOfScreen = (path: string) => /^(public|staff)\//.test(path);
const screens = [...new Set(files.map((file) => /^\.\/((?:public|staff)\/[^/]+)\//.exec(file)?.[1]))].filter(
  (screen) => screen !== undefined,
);

describe('the rooms of the front end', () => {
  it('has a folder for each screen', () => {
    expect(screens.length).toBeGreaterThan(12);
  });

  it.each(screens)('%s uses no other screen', (screen) => {
    const others = files
      .filter((file) => file.startsWith(`./${screen}/`))
      .flatMap(imports)
      .filter((path) => isOfScreen(path) && !path.startsWith(`${screen}/`));
    expect(others).toEqual([]);
  });

  it.each(['api', 'components', 'facts', 'papers', 'claim', 'plan', 'i18n'])('%s uses no screen', (room) => {
    const others = files.filter((file) => file.startsWith(`./${room}/`)).flatMap(imports);
    expect(others.filter(isOfScreen)).toEqual([]);
  });
});
