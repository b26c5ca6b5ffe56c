import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import type { HeadBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';
import { freeHeads } from './free-heads';

/** Bare heads that lie there and wait for no color: free ones, or those of an open ticket that asked for none. */
export interface BareHeads extends Omit<WaitingHeads, 'coatId'> {
  readonly bin: HeadBin;
}

type Facts = Pick<BenchFacts, 'bins' | 'binById' | 'levels' | 'tickets' | 'ticketEntries' | 'racks'>;

/**
 * What could be coated though nobody asked for it, by bin and ticket's line, less what hangs on a rack already and what
 * was laid by one.
 *
 * @example bareHeads(view, []).map(({ bin, count }) => `${count} ${bin.name}`) // ['6 Round 10 g, 2/0']
 */
export function bareHeads(view: Facts, laidBy: readonly WaitingHeads[]): BareHeads[] {
  const hung = view.racks
    .filter(({ state }) => state === 'hanging' || state === 'curing')
    .flatMap((rack) => rack.hung);
  const spoken = (headBinId: string, lineId: string | null) =>
    hung.filter((head) => head.headBinId === headBinId && head.lineId === lineId).length +
    laidBy
      .filter((pick) => pick.headBinId === headBinId && pick.lineId === lineId)
      .reduce((so, { count }) => so + count, 0);
  const free = freeHeads(view).map(({ headBinId, count }) => ({
    headBinId,
    count,
    ticketId: null,
    lineId: null,
  }));
  const lines = view.tickets
    .filter(({ state }) => state === 'open')
    .flatMap(({ id: ticketId, lines: all }) => all.map((line) => ({ ...line, ticketId })))
    .filter(({ coatId }) => coatId === null);
  const given = lines.flatMap(({ id: lineId, ticketId }) => {
    const held = new Map<string, number>();
    for (const { binId, lineId: of, qty } of view.ticketEntries) {
      if (of === lineId) held.set(binId, (held.get(binId) ?? 0) + qty);
    }
    return [...held].map(([headBinId, count]) => ({ headBinId, count, ticketId, lineId }));
  });
  return [...free, ...given].flatMap(({ count, ...of }): BareHeads[] => {
    const bin = view.binById.get(of.headBinId);
    const left = Math.floor(count) - spoken(of.headBinId, of.lineId);
    return bin?.kind === 'head' && bin.coatId === null && bin.skirtId === null && left > 0
      ? [{ ...of, bin, count: left }]
      : [];
  });
}
