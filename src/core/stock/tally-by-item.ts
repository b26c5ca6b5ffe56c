import { sum } from '../numeric/sum';

/** An amount of something on a list, in the item's own unit (pieces, grams). */
export interface ItemAmount {
  readonly item: string;
  readonly qty: number;
}

/** What the shelf holds of an item and what of that is spoken for. */
export interface ShelfAmount {
  readonly item: string;
  readonly onHand: number;
  readonly reserved: number;
}

/**
 * Amounts summed by item, in the order in which items first come.
 *
 * @example tallyByItem([{ item: 'hook', qty: 2 }, { item: 'hook', qty: 3 }]).get('hook') // 5
 */
export function tallyByItem(amounts: readonly ItemAmount[]): Map<string, number> {
  const lists = new Map<string, number[]>();
  for (const { item, qty } of amounts) lists.set(item, [...(lists.get(item) ?? []), qty]);
  return new Map([...lists].map(([item, quantities]) => [item, sum(quantities)]));
}
