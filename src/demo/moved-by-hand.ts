import type { Bin, HeadBin } from '@/records/bin';
import type { Entry } from '@/records/entry';
import { demoUnitPrice } from './books';
import type { DemoTools } from './tools';

/** The first receipt of everything: it makes up for what was used since. */
export function openingReceipts(
  stocked: readonly { readonly bin: Bin; readonly qty: number }[],
  entries: readonly Omit<Entry, 'id'>[],
  openedAt: number,
): Omit<Entry, 'id'>[] {
  return stocked
    .filter(({ bin }) => bin.unit !== 'mm')
    .map(({ bin, qty }): Omit<Entry, 'id'> => {
      const used = entries
        .filter(({ binId }) => binId === bin.id)
        .reduce((total, each) => total + each.qty, 0);
      return {
        at: openedAt,
        binId: bin.id,
        kind: 'received',
        // Whole tabs come in; halves and quarters are what was cut of them since.
        qty: bin.unit === 'g' ? Math.round((qty - used) * 1000) / 1000 : Math.ceil(qty - used - 1e-9),
        note:
          bin.kind === 'part' || bin.kind === 'powder' || bin.kind === 'strand'
            ? 'Quayside parts'
            : 'opening count',
        ticketId: null,
        lineId: null,
        runId: null,
        pieceShare: null,
        lengthId: null,
        unitCost: demoUnitPrice(bin),
        reverses: null,
      };
    });
}

/** Heads cast for stock go fishing: some of each leave the rack over the months. */
export function takenForTheWater(
  tools: DemoTools,
  entries: readonly Omit<Entry, 'id'>[],
  heads: ReadonlyMap<string, HeadBin>,
): Omit<Entry, 'id'>[] {
  return [...heads.keys()].flatMap((binId) => {
    const mine = entries.filter((entry) => entry.binId === binId);
    const free = mine.reduce((total, { qty }) => total + qty, 0);
    const first = mine[0];
    const isOrdered = mine.some(({ kind, note }) => kind === 'taken' && note.startsWith('handed'));
    if (!first || isOrdered || tools.at(0) - first.at < 10 * 86_400_000) return [];
    return [7, 9].map((days): Omit<Entry, 'id'> => ({
      at: first.at + days * 86_400_000,
      binId,
      kind: 'taken',
      qty: -Math.floor(free * tools.between(0.1, 0.3)),
      note: 'for the water',
      ticketId: null,
      lineId: null,
      runId: null,
      pieceShare: null,
      lengthId: null,
      unitCost: null,
      reverses: null,
    }));
  });
}

/** Six free rounds went to the league's order and were given its color: they wait for their skirt. */
export function coatedForLeague(at: number): Omit<Entry, 'id'>[] {
  const bare = 'head-round-14-hook-3-0-lot-14';
  const count = 6;
  const line = { ticketId: 'ticket-16', lineId: 'ticket-16-2' };
  const moves = [
    { binId: bare, kind: 'taken', qty: -count, ticketId: null, lineId: null },
    { binId: bare, kind: 'made', qty: count, ...line },
    { binId: bare, kind: 'coated', qty: -count, ...line },
    { binId: `${bare}-coat-ember-perch`, kind: 'coated', qty: count, ...line },
  ] as const;
  return moves.map((move) => ({
    ...move,
    at,
    note: 'for the league',
    runId: null,
    pieceShare: null,
    lengthId: null,
    unitCost: null,
    reverses: null,
  }));
}
