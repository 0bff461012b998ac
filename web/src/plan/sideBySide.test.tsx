import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import '../i18n';
import type { Schemas } from '../api/client';
import { SideBySide } from './SideBySide';

/** As the server sends it: what there is nothing to say of is null. */
const says = (...texts: string[]) =>
  texts.map((text) => ({ text, holds: null, settle: null }) as unknown as Schemas['PlanCell']);

const WEEK = {
  monday: '2026-09-21',
  layers: [
    { label: 'The worker: hours away', cells: says('8', '8', '8', '8', '8', '', '') },
    {
      label: 'The employer: hours worked',
      cells: [
        ...says('8', '8', '8', '8'),
        { text: '4.5', settle: 'schedule/5' } as Schemas['PlanCell'],
        ...says('', ''),
      ],
    },
    {
      label: 'The care provider: certified',
      cells: [{ text: '', holds: false, settle: 'start' }, ...Array(6).fill({ text: '', holds: true })],
    },
  ],
};

test('what differs leads to the fact in which it is settled', async () => {
  const onSettle = vi.fn();
  render(<SideBySide weeks={[WEEK]} onSettle={onSettle} />);
  await userEvent.click(screen.getByRole('button', { name: /4\.5/ }));
  expect(onSettle).toHaveBeenCalledWith('schedule/5');
  expect(screen.getAllByRole('button')).toHaveLength(2);
});

test('what is certified is told in a word, and each line by who says it', () => {
  render(<SideBySide weeks={[WEEK]} onSettle={vi.fn()} />);
  expect(screen.getByRole('rowheader', { name: 'The employer: hours worked' })).toBeTruthy();
  expect(screen.getAllByText('yes')).toHaveLength(6);
  expect(screen.queryAllByText('no')).toHaveLength(1);
  expect(screen.getByRole('button', { name: /^no\b/ })).toBeTruthy();
});

test('where all say the same there is nothing', () => {
  const { container } = render(<SideBySide weeks={[]} onSettle={vi.fn()} />);
  expect(container.childElementCount).toBe(0);
});
