import { expect, test } from 'vitest';
import type { NewPoint } from './FixListPanel';
import { withPoint } from './points';

const point = (path: string, reason: string): NewPoint => ({ path, title: path, reason, good: '' });

test('a second month of one list is asked about as well, and nothing twice', () => {
  const july = point('arrears', 'July: 890.00 or 445.50?');
  const august = point('arrears', 'August: 890.00 or nothing?');
  const both = withPoint(withPoint([point('home/rent', 'Which?')], july), august);
  expect(both).toHaveLength(2);
  expect(both[1]?.reason).toBe('July: 890.00 or 445.50?\nAugust: 890.00 or nothing?');
  expect(withPoint(both, july)).toBe(both);
});
