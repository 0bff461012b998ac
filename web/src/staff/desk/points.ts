import type { NewPoint } from './FixListPanel';

/**
 * The points of a fix list with one more. What is asked about already gets the further reason: of two months of one list
 * both are asked about.
 */
export function withPoint(points: NewPoint[], point: NewPoint): NewPoint[] {
  const before = points.find((each) => each.path === point.path);
  if (!before) return [...points, point];
  if (before.reason.includes(point.reason)) return points;
  const both = { ...before, reason: [before.reason, point.reason].filter(Boolean).join('\n') };
  return points.map((each) => (each === before ? both : each));
}
