import type { Schemas } from '../api/client';

/** How each kind of day looks, on the months and where that is explained. */
export const LOOK: Record<Schemas['PlanDay']['kind'], string> = {
  AWAY: 'bg-primary text-primary-content',
  BEFORE: 'bg-secondary/25 border border-secondary',
  NONE: 'border border-primary/50',
};
