import { act, renderHook } from '@testing-library/react';
import { beforeEach, expect, test } from 'vitest';
import { forgetKept, useKept } from './kept';

beforeEach(() => sessionStorage.clear());

test('what was written is there after leaving, until it was sent', () => {
  const first = renderHook(() => useKept<string>('message/1'));
  act(() => first.result.current[1]('Dear all'));
  first.unmount();
  const again = renderHook(() => useKept<string>('message/1'));
  expect(again.result.current[0]).toBe('Dear all');
  expect(renderHook(() => useKept<string>('message/2')).result.current[0]).toBeUndefined();
  act(() => again.result.current[1](undefined));
  expect(sessionStorage).toHaveLength(0);
});

test('what was written on one claim is never shown on another', () => {
  const { result, rerender } = renderHook(({ name }) => useKept<string>(name), {
    initialProps: { name: 'message/1' },
  });
  act(() => result.current[1]('Dear all'));
  rerender({ name: 'message/2' });
  expect(result.current[0]).toBeUndefined();
  act(() => result.current[1]('Another'));
  rerender({ name: 'message/1' });
  expect(result.current[0]).toBe('Dear all');
});

test('at signing out everything kept is gone, and nothing else', () => {
  sessionStorage.setItem('another', 'x');
  const { result } = renderHook(() => useKept<string>('message/1'));
  act(() => result.current[1]('Dear all'));
  forgetKept();
  expect(Object.keys(sessionStorage)).toEqual(['another']);
});

test('what cannot be read is as if nothing had been kept', () => {
  sessionStorage.setItem('civitane:message/1', '{');
  expect(renderHook(() => useKept<string>('message/1')).result.current[0]).toBeUndefined();
});
