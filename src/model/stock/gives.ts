import { countBuildable } from '@/core/stock/count-buildable';

/** What one of a thing takes of an item, and how much of that is free. */
export interface Need {
  readonly item: string;
  readonly name: string;
  readonly qty: number;
  readonly free: number;
}

/** How many of a thing the free shelf gives, what ends it, and its needs, the scarcest first. */
export interface Gives {
  readonly count: number;
  readonly limiting: readonly string[];
  readonly needs: readonly Need[];
}

/**
 * How many whole pieces of a thing the free shelf gives; what is needed of nothing gives none, since nobody
 * said what it is made of.
 *
 * @example givesOf([{ item: 'tab', name: 'Tab, straw', qty: 2.5, free: 11 }])
 * // { count: 4, limiting: ['Tab, straw'], needs: [...] }
 */
export function givesOf(needs: readonly Need[]): Gives {
  const taken = needs.filter(({ qty }) => qty > 0);
  if (taken.length === 0) return { count: 0, limiting: [], needs: [] };
  const { count, limiting } = countBuildable(
    taken,
    taken.map(({ item, free }) => ({ item, onHand: free, reserved: 0 })),
  );
  return {
    count,
    limiting: taken.filter(({ item }) => limiting.includes(item)).map(({ name }) => name),
    needs: taken.toSorted((a, b) => a.free / a.qty - b.free / b.qty),
  };
}
