import type { Asked } from '../facts/shapes';

/** A question of a shape, for tests. */
export function asked(widget: Asked['widget'], more: Partial<Asked> = {}): Asked {
  return { path: 'fact', widget, required: true, label: 'Fact', options: [], parts: [], notOf: [], ...more };
}
