import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { useState } from 'react';
import { describe, expect, it, vi } from 'vitest';
import type { Schemas } from '../api/client';
import type { Asked, Given } from '../facts/shapes';
import PaintDays from './PaintDays';

vi.stubGlobal('matchMedia', () => ({
  matches: true,
  addEventListener: () => {},
  removeEventListener: () => {},
}));

const FACTS = {
  chapter: 'when',
  rows: 'absences',
  day: 'date',
  hours: 'hours',
  from: 'start',
  to: 'end',
  schedule: 'schedule',
} as unknown as Schemas['PaintedDays'];

const ROWS = {
  path: 'absences',
  widget: 'ROWS',
  required: true,
  label: 'Which days?',
  options: [],
  parts: [],
  notOf: [],
  when: { path: 'pattern', oneOf: ['INTERMITTENT'] },
} as unknown as Asked;

function Painted({ begun }: { begun: Given }) {
  const [answers, setAnswers] = useState<Given>(begun);
  return (
    <>
      <PaintDays
        facts={FACTS}
        holidays={[]}
        questions={[ROWS]}
        answers={answers}
        onChange={setAnswers}
        plan={undefined}
        supposing={[]}
        supposed={{}}
        onSuppose={() => undefined}
      />
      <button type="button" onClick={() => setAnswers({ ...answers, pattern: 'INTERMITTENT' })}>
        now and then
      </button>
      <output>{JSON.stringify(answers)}</output>
    </>
  );
}

describe('days that are painted', () => {
  it.each([
    { pattern: 'INTERMITTENT' },
    { pattern: 'INTERMITTENT', start: '2026-12-07', end: '2026-12-31', schedule: { 1: '8' } },
    { pattern: 'INTERMITTENT', absences: [{ date: '2026-02-31' }, { date: '2026-12-0' }, {}] },
  ])('are on the months, whatever was said so far: %j', async (begun) => {
    render(<Painted begun={begun} />);
    const day = (await screen.findAllByRole('button', { name: /15/ }))[0];
    expect(day).toBeDefined();
    if (day) await userEvent.click(day);
    expect(screen.getByRole('status').textContent).toContain('-15');
  });

  it('go over from a span to single days', async () => {
    render(<Painted begun={{ pattern: 'CONTINUOUS', start: '2026-12-07', end: '2026-12-11' }} />);
    await userEvent.click(screen.getByText('now and then'));
    expect(screen.getAllByRole('grid').length).toBeGreaterThan(0);
  });

  it('of a span, a day without work is not called selected', async () => {
    const schedule = { 1: '8', 2: '8', 3: '8', 4: '8', 5: '8' };
    render(<Painted begun={{ pattern: 'CONTINUOUS', start: '2026-12-07', end: '2026-12-15', schedule }} />);
    const friday = screen.getByRole('button', { name: 'Friday, 11 December 2026 selected' });
    const saturday = screen.getByRole('button', { name: 'Saturday, 12 December 2026' });
    expect(friday.closest('td')?.getAttribute('aria-selected')).toBe('true');
    expect(saturday.closest('td')?.getAttribute('aria-selected')).toBe('false');
    expect(saturday.getAttribute('aria-description')).toBe('no working day');
  });
});
