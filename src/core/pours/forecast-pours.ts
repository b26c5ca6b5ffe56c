import type { MoldFills } from './pour-plan';
import { nextPour, type Casting } from './next-pour';

/**
 * The pours still to come if all goes well: for each, the cavities it fills.
 *
 * @example
 * forecastPours([{ cavities: [0], filled: [{ key: 'a', count: 3 }] }, { cavities: [1], filled: [{ key: 'b', count: 1 }] }], [])
 * // [[0, 1], [0], [0]]
 */
export function forecastPours(
  fills: readonly MoldFills[],
  castings: readonly Casting[],
  fillAll = false,
  copies = 1,
): number[][] {
  const pours: number[][] = [];
  const cast = [...castings];
  for (;;) {
    const next = nextPour(fills, cast, fillAll, copies);
    if (next.length === 0) return pours;
    cast.push(...next.map((slot) => ({ ...slot, good: true })));
    pours.push(next.map((slot) => slot.cavity));
  }
}
