import { QueryClient, QueryClientProvider } from '@tanstack/react-query';
import { render, screen } from '@testing-library/react';
import { MemoryRouter } from 'react-router';
import { expect, test } from 'vitest';
import { Outcome } from './Outcome';

function shown(rules: string[], all = false) {
  const working = rules.map((rule, i) => ({
    code: `step${i}`,
    text: `by ${rule}`,
    rule,
    policy: '',
    facts: [],
    steps: [],
  }));
  const desk = { id: 'c1', edition: 1, version: 0, outcome: { headline: '', detail: '' }, working, past: {} };
  render(
    <QueryClientProvider client={new QueryClient()}>
      <MemoryRouter>
        <Outcome desk={desk as never} trial={undefined} all={all} onForget={() => {}} onFact={() => {}} />
      </MemoryRouter>
    </QueryClientProvider>,
  );
  return screen
    .getAllByRole('group')
    .filter((each) => each.querySelector('ol'))
    .map((each) => `${each.querySelector('summary')?.textContent} ${(each as HTMLDetailsElement).open}`);
}

test('what decides stands first and open, the rest is folded, and none is called by a number', () => {
  expect(shown(['common 0.3', 'school-meals Counted household', 'school-meals 1', 'school-meals 3'])).toEqual(
    ['Decided true', 'Receipt and deadlines false', 'Counted household false'],
  );
});

test('where nothing decides yet, all is open', () => {
  expect(shown(['common 0.3', 'paid-leave Incomplete'])).toEqual([
    'Receipt and deadlines true',
    'Incomplete true',
  ]);
});

test('all of it is open when it is asked for', () => {
  expect(shown(['common 0.3', 'school-meals Decided'], true)).toEqual([
    'Decided true',
    'Receipt and deadlines true',
  ]);
});
