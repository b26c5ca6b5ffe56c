import type { Bin } from '@/records/bin';
import type { BenchView } from '../bench/bench-view';

/** How a bin stands. */
export interface StockStatus {
  readonly onHand: number;
  readonly promised: number;
  /** On hand and on its way, less what is promised: under zero where more is promised than comes. */
  readonly left: number;
  /** What is left is at or under what the maker calls low; a bin of which nobody said what is low never is. */
  readonly isLow: boolean;
  /** More promised than lies there. */
  readonly isShort: boolean;
}

/**
 * What is low, for every station alike: on hand less promised, and what is on its way where buying asks.
 *
 * @param coming on its way to the bin, in its unit
 * @example stockStatus({ ...hooks, lowAt: 20 }, { levels: new Map([['hook-2-0', 50]]), promised: new Map([['hook-2-0', 35]]) }).isLow // true: 15 are left
 */
export function stockStatus(
  { id, lowAt }: Pick<Bin, 'id' | 'lowAt'>,
  { levels, promised: spokenFor }: Pick<BenchView, 'levels' | 'promised'>,
  coming = 0,
): StockStatus {
  const onHand = levels.get(id) ?? 0;
  const promised = spokenFor.get(id) ?? 0;
  // Books under zero are a miscount: nothing lies there.
  const left = Math.max(0, onHand) + coming - promised;
  return { onHand, promised, left, isLow: lowAt !== null && left <= lowAt, isShort: promised > onHand };
}
