import { tallyByItem, type ShelfAmount } from './tally-by-item';

/**
 * What is free of each item: on hand less reserved, never below 0. The same item in two places is summed first.
 *
 * @example freeByItem([{ item: 'hook', onHand: 10, reserved: 12 }]).get('hook') // 0
 */
export function freeByItem(shelf: readonly ShelfAmount[]): Map<string, number> {
  const reserved = tallyByItem(shelf.map(({ item, reserved: qty }) => ({ item, qty })));
  const onHand = tallyByItem(shelf.map(({ item, onHand: qty }) => ({ item, qty })));
  return new Map([...onHand].map(([item, qty]) => [item, Math.max(0, qty - (reserved.get(item) ?? 0))]));
}
