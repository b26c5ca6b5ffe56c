import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { freeByItem } from './free-by-item';
import { tallyByItem, type ItemAmount, type ShelfAmount } from './tally-by-item';

export interface Shortage {
  readonly item: string;
  readonly needed: number;
  readonly free: number;
  readonly short: number;
}

/**
 * What the shelf lacks of what is needed: only what is short, in the order of the needs. Amounts are in each
 * item's own unit; rounding noise of one part in a billion is not a shortage.
 *
 * @example findShortages([{ item: 'hook', qty: 60 }], [{ item: 'hook', onHand: 50, reserved: 5 }])
 * // [{ item: 'hook', needed: 60, free: 45, short: 15 }]
 */
export function findShortages(needs: readonly ItemAmount[], shelf: readonly ShelfAmount[]): Shortage[] {
  const free = freeByItem(shelf);
  return [...tallyByItem(needs)]
    .map(([item, needed]) => ({
      item,
      needed,
      free: free.get(item) ?? 0,
      short: needed - (free.get(item) ?? 0),
    }))
    .filter(({ needed, short }) => short > RELATIVE_SLACK * needed);
}
