import { render, screen } from '@testing-library/react';
import userEvent from '@testing-library/user-event';
import { expect, test, vi } from 'vitest';
import '../i18n';
import { NotMine, NotSure } from './WasItYou';

const OFFICE = { telephone: '0800 20 10 20', hours: 'Monday to Friday, 8 to 16' };

test('that it was not them is said only at the second press', async () => {
  const onSay = vi.fn();
  render(<NotMine busy={false} onSay={onSay} />);
  await userEvent.click(screen.getByRole('button', { name: 'This was not me' }));
  expect(onSay).not.toHaveBeenCalled();
  await userEvent.click(screen.getByRole('button', { name: 'I am sure: this was not me' }));
  expect(onSay).toHaveBeenCalledOnce();
});

test('whoever is not sure gets a number to call and is told the last day', () => {
  render(<NotSure office={OFFICE} dueOn="2026-12-07" said busy={false} onSay={vi.fn()} />);
  expect(screen.getByRole('link', { name: '0800 20 10 20' })).toHaveProperty('href', 'tel:0800201020');
  expect(screen.getByRole('status').textContent).toContain('7 December 2026');
});
