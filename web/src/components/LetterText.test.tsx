import { render, screen } from '@testing-library/react';
import { expect, test } from 'vitest';
import { LetterText } from './LetterText';

test('a letter stands below the headings of its page, as text', () => {
  render(<LetterText html="<h1>Our decision</h1><h2>How we worked it out</h2><p>By €1.00.</p>" />);
  expect(screen.getByRole('heading', { level: 3 }).textContent).toBe('Our decision');
  expect(screen.getByRole('heading', { level: 4 }).textContent).toBe('How we worked it out');
  expect(screen.getByText('By €1.00.')).toBeTruthy();
});

test('nothing in it runs', () => {
  render(<LetterText html={'<p>Dear</p><script>document.title = "ran"</script>'} />);
  expect(document.title).not.toBe('ran');
});
