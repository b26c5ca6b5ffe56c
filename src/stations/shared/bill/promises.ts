import type { Promised } from '@/core/stock/allot-promises';
import type { Ticket, TicketLine, TicketWare } from '@/records/ticket';
import type { BenchView } from '../bench-view';
import { billOf, takenByBill, type PieceKind } from './bill-of';

/** What of the bench a promise is reckoned from. */
type Facts = Omit<BenchView, 'promised' | 'promises'>;

/** The newest version of a ware's family; null where it is gone. */
export function wareRecord(
  { kind, family }: Pick<TicketWare, 'kind' | 'family'>,
  { builds, rigs }: Pick<BenchView, 'builds' | 'rigs'>,
): Extract<PieceKind, { kind: 'build' | 'rig' }> | null {
  const newest = <T extends { family: string; version: number }>(records: readonly T[]): T | undefined =>
    records.filter((each) => each.family === family).sort((a, b) => b.version - a.version)[0];
  if (kind === 'build') {
    const build = newest(builds);
    return build ? { kind, build } : null;
  }
  const rig = newest(rigs);
  return rig ? { kind, rig } : null;
}

/** What a ware is called. */
export function wareName(
  ware: Pick<TicketWare, 'kind' | 'family'>,
  view: Pick<BenchView, 'builds' | 'rigs'>,
): string {
  const record = wareRecord(ware, view);
  if (!record) return 'something gone';
  return record.kind === 'build' ? record.build.name : record.rig.name;
}

/** Bins of finished pieces of a ware's family, whatever version, as good as new. */
export function finishedBins(
  { kind, family }: Pick<TicketWare, 'kind' | 'family'>,
  { bins, buildById, rigById }: Pick<BenchView, 'bins' | 'buildById' | 'rigById'>,
): string[] {
  return bins.flatMap((bin) => {
    if (bin.kind !== 'part' || bin.condition !== 'new') return [];
    const of = kind === 'build' ? buildById.get(bin.buildId ?? '') : rigById.get(bin.rigId ?? '');
    return of?.family === family ? [bin.id] : [];
  });
}

/** What a line still takes for its color, its skirt, its guard. Metal and hooks are promised by what is cast. */
function dressingOf(line: TicketLine, ticketId: string, view: BenchView): Promised[] {
  const parts = new Map<string, number>();
  const add = (taken: ReadonlyMap<string, number>) => {
    for (const [item, qty] of taken) parts.set(item, (parts.get(item) ?? 0) + qty);
  };
  const uncoated = Math.max(0, line.count - (view.coated.get(line.id) ?? 0));
  const untied = Math.max(0, line.count - (view.tied.get(line.id) ?? 0));
  const bare = billOf({ kind: 'head', head: { ...line, coatId: null, skirtId: null } }, view);
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
  return [...parts].map(([item, qty]) => ({ forWhom: ticketId, item, qty }));
}

/** What a ware still takes: finished ones that lie there first, then the parts of those to be made. */
function wareNeeds(
  ware: TicketWare,
  ticketId: string,
  view: BenchView,
  free: Map<string, number>,
): Promised[] {
  let left = Math.max(0, ware.count - (view.made.get(ware.id) ?? 0));
  const promised: Promised[] = [];
  for (const item of finishedBins(ware, view)) {
    const there = free.get(item) ?? Math.max(0, view.levels.get(item) ?? 0);
    const some = Math.min(there, left);
    free.set(item, there - some);
    left -= some;
    if (some > 0) promised.push({ forWhom: ticketId, item, qty: some });
  }
  const piece = left > 0 ? wareRecord(ware, view) : null;
  if (!piece) return promised;
  const taken = [...takenByBill(billOf(piece, view), left)];
  return [...promised, ...taken.map(([item, qty]) => ({ forWhom: ticketId, item, qty }))];
}

/** By the day it is due; what has none comes last, older tickets first. */
export function inOrderOfDue(tickets: readonly Ticket[]): Ticket[] {
  const due = ({ lines, wares }: Ticket) =>
    [...lines, ...wares].map(({ dueOn }) => dueOn ?? '9999').sort()[0] ?? '9999';
  return [...tickets].sort((a, b) => due(a).localeCompare(due(b)) || a.no - b.no);
}

/** What colors, skirts, guards, baits and rigs of open tickets still take, in the order in which they are due. */
export function promiseDressing(facts: Facts): Promised[] {
  // None of what is asked here looks at what is promised.
  const view = facts as BenchView;
  const free = new Map<string, number>();
  return inOrderOfDue(view.tickets.filter(({ state }) => state === 'open')).flatMap((ticket) => [
    ...ticket.lines.flatMap((line) => dressingOf(line, ticket.id, view)),
    ...ticket.wares.flatMap((ware) => wareNeeds(ware, ticket.id, view, free)),
  ]);
}
