import type { Plastic } from '../parts/part-roles';

/** Half a dozen at a time. */
const BAG_OF = 6;

/** Baits for a bag, with the plastic of their trailers; null where they have none. */
export interface Baggable {
  readonly name: string;
  readonly plastic: Plastic | null;
}

/**
 * How a count goes in bags.
 *
 * @example bagsOf(14) // [6, 6, 2]
 */
export function bagsOf(count: number, perBag = BAG_OF): number[] {
  return Array.from({ length: Math.ceil(count / perBag) }, (_, nth) =>
    Math.min(perBag, count - nth * perBag),
  );
}

/**
 * Pairs that must not touch: soft plastic and stretchy plastic melt each other.
 *
 * @example keptApart([{ name: 'a', plastic: 'soft' }, { name: 'b', plastic: 'stretch' }]) // [['a', 'b']]
 */
export function keptApart(baits: readonly Baggable[]): (readonly [string, string])[] {
  return baits.flatMap((one, index) =>
    baits
      .slice(index + 1)
      .filter((other) => one.plastic !== null && other.plastic !== null && one.plastic !== other.plastic)
      .map((other) => [one.name, other.name] as const),
  );
}
