import { renderHook } from '@testing-library/react';
import { useState } from 'react';
import { afterEach, beforeEach, expect, it, vi } from 'vitest';
import type { Schemas } from '../../api/client';
import { useKeptAnswer } from './useKeptAnswer';

const said = (name: string): Schemas['Said'] => ({ name, answers: {}, remarks: {} });

beforeEach(() => vi.useFakeTimers());
afterEach(() => vi.useRealTimers());

it('keeps what is typed here at once, and with the office once, a moment later', () => {
  const here = vi.fn();
  const keep = vi.fn();
  const hook = renderHook(
    ({ name }) => {
      // whoever keeps it draws the page anew
      const [, draw] = useState<Schemas['Said']>();
      const keepHere = (now: Schemas['Said']) => {
        here(now);
        draw(now);
      };
      useKeptAnswer(said(name), keepHere, keep);
    },
    { initialProps: { name: '' } },
  );
  expect(here).not.toHaveBeenCalled();
  hook.rerender({ name: 'Ru' });
  hook.rerender({ name: 'Runa' });
  expect(here.mock.calls.map(([now]) => now.name)).toEqual(['Ru', 'Runa']);
  expect(keep).not.toHaveBeenCalled();
  vi.advanceTimersByTime(1000);
  expect(keep.mock.calls.map(([now]) => now.name)).toEqual(['Runa']);
});
