import { expect, test } from 'vitest';
import { SCREENS, screenAt } from './screens';

test('an address leads to its own screen, with or without the part that may be left out', () => {
  for (const screen of SCREENS) {
    const whole = screen.path.replace(/:\w+\??/g, 'x1');
    const short = screen.path.replace(/\/:\w+\?/g, '').replace(/:\w+/g, 'x1');
    expect(screenAt(whole)?.path).toBe(screen.path);
    expect(screenAt(`${short}/`)?.path).toBe(screen.path);
  }
});

test('no screen is fetched for the first page, or where there is none', () => {
  expect(screenAt('/')).toBeUndefined();
  expect(screenAt('/claims/x1/nowhere')).toBeUndefined();
});
