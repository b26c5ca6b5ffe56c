import type { Promised } from '@/core/stock/allot-promises';
import type { TicketLine, TicketWare } from '@/records/ticket';
import type { BenchFacts } from '../bench/bench-facts';
import { billOf, takenByBill, type PieceKind } from './bill-of';
import { looseSkirt } from './build-uses';
import { inOrderOfDue } from '../tickets/in-order-of-due';
import { newestOfFamily } from '../versions/newest-by-family';

type Wares = Pick<BenchFacts, 'builds' | 'rigs' | 'skirts' | 'binById'>;

/** The newest version of a ware's family, or the bin it is bought into; null where it is gone. */
export function wareRecord(
  { kind, family }: Pick<TicketWare, 'kind' | 'family'>,
  { builds, rigs, skirts, binById }: Wares,
): Extract<PieceKind, { kind: 'build' | 'rig' | 'skirt' | 'bin' }> | null {
  if (kind === 'bin') {
    const bin = binById.get(family);
    return bin ? { kind, bin } : null;
  }
  if (kind === 'build') {
    const build = newestOfFamily(family, builds);
    return build ? { kind, build } : null;
  }
  if (kind === 'skirt') {
    const skirt = newestOfFamily(family, skirts);
    return skirt ? { kind, skirt } : null;
  }
  const rig = newestOfFamily(family, rigs);
  return rig ? { kind, rig } : null;
}

/** What a ware is called. */
export function wareName(ware: Pick<TicketWare, 'kind' | 'family' | 'says'>, view: Wares): string {
  const record = wareRecord(ware, view);
  switch (record?.kind) {
    case 'build':
      return record.build.name;
    case 'rig':
      return record.rig.name;
    case 'skirt':
      return `Loose skirts, ${record.skirt.name}`;
    case 'bin':
      return record.bin.name;
    default:
      return ware.says === undefined ? 'something gone' : `${ware.says}, not built yet`;
  }
}

/** Bins of finished pieces of a ware's family, whatever version, as good as new; the bin itself of what is bought. */
export function finishedBins(
  { kind, family }: Pick<TicketWare, 'kind' | 'family'>,
  { bins, skirts, buildById, rigById }: Pick<BenchFacts, 'bins' | 'skirts' | 'buildById' | 'rigById'>,
): string[] {
  if (kind === 'bin') return [family];
  if (kind === 'skirt') {
    const loose = new Set(skirts.filter((each) => each.family === family).map(({ id }) => looseSkirt(id)));
    return bins.flatMap(({ id }) => (loose.has(id) ? [id] : []));
  }
  return bins.flatMap((bin) => {
    if (bin.kind !== 'part' || bin.condition !== 'new') return [];
    const of = kind === 'build' ? buildById.get(bin.buildId ?? '') : rigById.get(bin.rigId ?? '');
    return of?.family === family ? [bin.id] : [];
  });
}

/** What a line still takes for its color, its skirt, its guard, its trailer, by bin. Metal and hooks are promised by what is cast. */
export function dressingOf(line: TicketLine, view: BenchFacts): ReadonlyMap<string, number> {
  const parts = new Map<string, number>();
  const add = (taken: ReadonlyMap<string, number>) => {
    for (const [item, qty] of taken) parts.set(item, (parts.get(item) ?? 0) + qty);
  };
  const settled = (view.coated.get(line.id) ?? 0) + (view.usedBare.get(line.id) ?? 0);
  const uncoated = Math.max(0, line.count - settled);
  const untied = Math.max(0, line.count - (view.tied.get(line.id) ?? 0));
  const bare = billOf({ kind: 'head', head: { ...line, coatId: null, skirtId: null } }, view);
  if (line.trailerBinId && untied > 0) add(new Map([[line.trailerBinId, untied]]));
  if (line.coatId !== null && uncoated > 0) {
    const coated = takenByBill(billOf({ kind: 'head', head: { ...line, skirtId: null } }, view), uncoated);
    for (const item of takenByBill(bare).keys()) coated.delete(item);
    add(coated);
  }
  const skirt = line.skirtId === null ? undefined : view.skirtById.get(line.skirtId);
  if (skirt && untied > 0) {
    const tied = takenByBill(billOf({ kind: 'skirt', skirt }, view), untied);
    if (line.collarBinId !== null && skirt.collar.binId !== null) {
      tied.delete(skirt.collar.binId);
      tied.set(line.collarBinId, untied);
    }
    if (line.guardBinId !== null) tied.set(line.guardBinId, untied);
    add(tied);
  }
  return parts;
}

/** Finished pieces that lie there for a ware, and how many are still to be made. What is taken is taken off `free`. */
export function wareLeft(
  ware: TicketWare,
  view: BenchFacts,
  free: Map<string, number>,
): { readonly left: number; readonly taken: readonly { readonly item: string; readonly qty: number }[] } {
  let left = Math.max(0, ware.count - (view.made.get(ware.id) ?? 0));
  const taken: { item: string; qty: number }[] = [];
  for (const item of finishedBins(ware, view)) {
    const there = free.get(item) ?? Math.max(0, view.levels.get(item) ?? 0);
    const some = Math.min(there, left);
    free.set(item, there - some);
    left -= some;
    if (some > 0) taken.push({ item, qty: some });
  }
  return { left, taken };
}

/** What a ware still takes: finished ones that lie there first, then the parts of those to be made. */
function wareNeeds(
  ware: TicketWare,
  ticketId: string,
  view: BenchFacts,
  free: Map<string, number>,
): Promised[] {
  const { left, taken: finished } = wareLeft(ware, view, free);
  const piece = left > 0 ? wareRecord(ware, view) : null;
  const parts = piece ? [...takenByBill(billOf(piece, view), left)] : [];
  return [
    ...finished.map(({ item, qty }) => ({ forWhom: ticketId, item, qty })),
    ...parts.map(([item, qty]) => ({ forWhom: ticketId, item, qty })),
  ];
}

/** What colors, skirts, guards, baits and rigs of open tickets still take, in the order in which they are due. */
export function promiseDressing(view: BenchFacts): Promised[] {
  const free = new Map<string, number>();
  return inOrderOfDue(view.tickets.filter(({ state }) => state === 'open')).flatMap((ticket) => [
    ...ticket.lines.flatMap((line) =>
      [...dressingOf(line, view)].map(([item, qty]) => ({ forWhom: ticket.id, item, qty })),
    ),
    ...ticket.wares.flatMap((ware) => wareNeeds(ware, ticket.id, view, free)),
  ]);
}
