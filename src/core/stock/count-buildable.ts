import { forgivingFloor } from '../numeric/forgiving-floor';
import { freeByItem } from './free-by-item';
import { tallyByItem, type ItemAmount, type ShelfAmount } from './tally-by-item';

export interface Buildable {
  readonly count: number;
  /** Every item that allows no more than this count. */
  readonly limiting: readonly string[];
}

/**
 * How many whole pieces of a recipe the free shelf gives, and what runs out first. Every amount of the recipe
 * is over 0.
 *
 * Throws on an empty recipe, of which any number could be built.
 *
 * @example countBuildable([{ item: 'tab', qty: 2.5 }], [{ item: 'tab', onHand: 11, reserved: 0 }])
 * // { count: 4, limiting: ['tab'] }
 */
export function countBuildable(recipe: readonly ItemAmount[], shelf: readonly ShelfAmount[]): Buildable {
  if (recipe.length === 0) throw new RangeError('countBuildable requires a recipe with at least one item');
  const free = freeByItem(shelf);
  const counts = [...tallyByItem(recipe)].map(([item, qty]) => ({
    item,
    count: forgivingFloor((free.get(item) ?? 0) / qty),
  }));
  const count = Math.min(...counts.map((entry) => entry.count));
  return { count, limiting: counts.filter((entry) => entry.count === count).map((entry) => entry.item) };
}
