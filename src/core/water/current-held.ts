import { findRoot } from '../numeric/find-root';
import { holdInCurrent, type LineQuestion } from './hold-in-current';

/** No water that anybody fishes runs faster, m/s. */
const FASTEST_MS = 6;

/** A weight on its way along the bottom goes at about so much of the water’s own speed. Practice, typical. */
const WALKS_AT = 3 / 4;

/**
 * The fastest even current, square across the cast, in which a weight still lies where it fell: `holdInCurrent` the other
 * way round, m/s.
 *
 * @throws as `holdInCurrent` does
 * @example currentHeld(166.38, { depthM: 5, castM: 20, lineMm: 0.3, metalGcm3: 11.3, grip: 0.6 }) // 0.5
 */
export function currentHeld(massG: number, question: Omit<LineQuestion, 'currentMs'>): number {
  const over = (currentMs: number) => holdInCurrent({ ...question, currentMs }).massG - massG;
  return over(FASTEST_MS) <= 0 ? FASTEST_MS : (findRoot(over, 0, FASTEST_MS) ?? 0);
}

/**
 * The current in which a weight walks: it goes with the water, and only what the water is faster pulls at it.
 *
 * @example currentWalked(0.3) // 1.2
 */
export function currentWalked(heldMs: number): number {
  return heldMs / (1 - WALKS_AT);
}

/** How a current looks from the bank, by its speed. */
const LOOKS = [
  [0.1, 'still water'],
  [0.4, 'a slow run'],
  [0.75, 'a steady run'],
  [1.7, 'as fast as you walk'],
  [Infinity, 'faster than you walk'],
] as const satisfies readonly (readonly [upToMs: number, look: string])[];

/**
 * What a current looks like.
 *
 * @example currentLook(1.3) // 'as fast as you walk'
 */
export function currentLook(ms: number): (typeof LOOKS)[number][1] {
  return LOOKS.find(([upToMs]) => ms <= upToMs)?.[1] ?? 'faster than you walk';
}
