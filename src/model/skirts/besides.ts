import { findHold } from '@/core/skirts/holds';
import { tallyByItem } from '@/core/stock/tally-by-item';
import type { Skirt } from '@/records/skirt';

/**
 * What goes on one skirt besides what is cut for it, by bin and in the bin's own unit: its collar or its thread, and what
 * else its recipe says: glue, a strip, the head it is of.
 *
 * @example besidesOf({ hold: 'wire', collar, also: [{ binId: 'gel', qty: 0.1 }] }) // [{ item: 'gel', qty: 0.1 }]
 */
export function besidesOf(
  {
    hold,
    collar,
    thread,
    also = [],
  }: Pick<Skirt, 'hold' | 'thread' | 'also'> & { readonly collar: Pick<Skirt['collar'], 'binId'> },
  collarBinId: string | null = collar.binId,
): { readonly item: string; readonly qty: number }[] {
  const { takesCollar } = findHold(hold);
  const holds = takesCollar
    ? collarBinId === null
      ? []
      : [{ item: collarBinId, qty: 1 }]
    : thread
      ? [{ item: thread.binId, qty: thread.cutMm }]
      : [];
  const all = tallyByItem([...holds, ...also.map(({ binId, qty }) => ({ item: binId, qty }))]);
  return [...all].map(([item, qty]) => ({ item, qty }));
}
