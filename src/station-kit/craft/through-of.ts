import type { Building } from '@/records/build';

/** How many of a run are through: one at a time the card says it; by station they are all through at once. */
export function throughOf({
  way,
  card,
  isThrough,
  count,
}: Pick<Building, 'way' | 'card' | 'isThrough' | 'count'>): number {
  if (isThrough) return count;
  return way === 'one-by-one' ? card.bait : 0;
}
