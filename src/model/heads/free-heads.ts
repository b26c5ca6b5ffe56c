import { sum } from '@/core/numeric/sum';
import type { FreeHeads } from '@/core/tickets/allot-free-heads';
import type { BenchFacts } from '../bench/bench-facts';

/** Heads without color or skirt on the shelf that no open ticket was given. */
export function freeHeads(
  view: Pick<BenchFacts, 'bins' | 'levels' | 'tickets' | 'ticketEntries'>,
): FreeHeads[] {
  const open = new Set(view.tickets.filter(({ state }) => state === 'open').map(({ id }) => id));
  return view.bins.flatMap((bin): FreeHeads[] => {
    if (bin.kind !== 'head' || bin.coatId !== null || bin.skirtId !== null) return [];
    const given = sum(
      view.ticketEntries
        .filter(({ binId, ticketId }) => binId === bin.id && ticketId !== null && open.has(ticketId))
        .map(({ qty }) => qty),
    );
    const { id: headBinId, style, nominalG, hookBinId, metalBinId } = bin;
    const count = Math.max(0, (view.levels.get(bin.id) ?? 0) - given);
    return [{ headBinId, style, nominalG, hookBinId, metalBinId, count }];
  });
}
