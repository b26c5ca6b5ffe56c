import type { CoatWay, CoatWayId } from './definition';
import { FLAME_DIP } from './flame-dip';
import { FLUID_BED } from './fluid-bed';
import { OVEN_DUST } from './oven-dust';

/** Every way to put powder on hot metal. */
export const COAT_WAYS: readonly CoatWay[] = [FLAME_DIP, FLUID_BED, OVEN_DUST];

/**
 * The way of an id.
 *
 * @example findCoatWay('fluid-bed').name // 'Fluid bed and dip'
 */
export function findCoatWay(id: CoatWayId): CoatWay {
  const way = COAT_WAYS.find((each) => each.id === id);
  if (!way) throw new RangeError(`findCoatWay requires a way to coat, not '${id}'`);
  return way;
}
