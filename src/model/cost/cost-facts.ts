import { costBill, type CostedPart } from '@/core/cost/bill';
import type { Bin } from '@/records/bin';
import type { RouteNode } from '@/core/cost/cheapest-route';
import { openPurse } from '@/core/cost/purse';
import type { BuyIn } from '@/records/buying';
import { STAGES, type Stage } from '@/records/outlay';
import { judgeBuild } from '@/core/builds/judge-build';
import { buildOf } from '../baits/bait-facts';
import type { BenchView } from '../bench/bench-view';
import { billOf, takenByBill, type PieceKind } from '../bills/bill-of';
import { pricedItem } from './priced-item';
import { stageFacts } from '../pace/stage-facts';
import type { BenchFacts } from '../bench/bench-facts';

export const isStage = (stage: string): stage is Stage => (STAGES as readonly string[]).includes(stage);

/** What one of a piece costs where so many are made, at the prices that lie on the shelf. */
export function costOf(piece: PieceKind, count: number, view: BenchFacts): CostedPart {
  const pay = openPurse((item) => pricedItem(item, view));
  return costBill(billOf(piece, view), count, pay, (part) => workOn(part, view));
}

/** What kind of piece a part of a bill is and of which family: `build:quay-tandem`; the family null for what has none. */
function namedBy(id: string): { readonly kind: string; readonly family: string | null } {
  const [kind = '', family = null] = id.split(':');
  return { kind, family };
}

/** What the work on a part takes; null for what is taken as it is. */
export function workOn(
  { id, stage }: { readonly id: string; readonly stage: string | null },
  view: BenchFacts,
) {
  return stage !== null && isStage(stage) ? stageFacts(stage, view, namedBy(id).family) : null;
}

/** Whether somebody ever noted what a bin costs. */
export function isPriced(
  binId: string,
  view: Pick<BenchFacts, 'entriesByBin' | 'packs' | 'binById'>,
): boolean {
  const { lots, usual } = pricedItem(binId, view);
  return usual !== null || lots.some(({ unitCost }) => unitCost !== null);
}

/** What of a piece nobody ever priced. */
export function unpricedOf(piece: PieceKind, view: BenchFacts): Bin[] {
  return [...takenByBill(billOf(piece, view)).keys()].flatMap((item) => {
    const bin = view.binById.get(item);
    return !bin || isPriced(item, view) ? [] : [bin];
  });
}

/** What a piece is to be made of and nobody has chosen yet, in words. */
export function notChosen(piece: PieceKind, view: BenchView): string[] {
  if (piece.kind !== 'build') return [];
  return judgeBuild(buildOf(piece.build, view)).findings.flatMap((finding) =>
    finding.code === 'missing' ? [finding.what] : [],
  );
}

/** The price a thing is bought in at; null where nobody noted one. */
export function buyInOf(
  key: { readonly kind: BuyIn['kind']; readonly key: string },
  view: BenchFacts,
): BuyIn | null {
  return view.buyIns.find((each) => each.kind === key.kind && each.key === key.key) ?? null;
}

/** What a made part of a costed piece is bought in as; null for what nobody sells so. */
function keyOf(part: CostedPart, piece: PieceKind): { kind: BuyIn['kind']; key: string } | null {
  const { kind, family } = namedBy(part.id);
  if ((kind === 'skirt' || kind === 'build' || kind === 'rig') && family) return { kind, key: family };
  if (part.id !== 'cast') return null;
  const head = piece.kind === 'head' ? piece.head : piece.kind === 'build' ? piece.build.head : null;
  return head ? { kind: 'head', key: `${head.style} ${head.nominalG}` } : null;
}

/** A costed piece as the routes to it are reckoned: what is made of it, and for what each could be bought in. */
export function routeNode(part: CostedPart, piece: PieceKind, view: BenchFacts): RouteNode {
  const key = keyOf(part, piece);
  const buyIn = key ? buyInOf(key, view) : null;
  const made = part.parts.filter(({ item }) => item === null);
  const facts = workOn(part, view);
  const { labour, tooling, energy } = part.own;
  return {
    id: part.id,
    ownCost: labour + tooling + energy,
    ownMinutes: facts ? (facts.minutesEach / (1 - facts.scrapShare)) * part.qty : 0,
    partsCost: part.parts.filter(({ item }) => item !== null).reduce((so, { each }) => so + each, 0),
    buy: buyIn ? { each: buyIn.each, postage: buyIn.postage, leadDays: buyIn.leadDays } : null,
    under: made.map((each) => routeNode(each, piece, view)),
  };
}

/** How many pieces went through a stage so far, by the ledger. */
export function piecesThrough(stage: Stage, view: BenchFacts): number {
  switch (stage) {
    case 'pour':
      return view.runs.reduce((so, { booking }) => so + (booking?.good ?? 0), 0);
    case 'coat':
      return view.racks.reduce((so, { state, hung }) => so + (state === 'out' ? hung.length : 0), 0);
    case 'skirt':
      return view.tyings.reduce((so, { endedAt, passed }) => so + (endedAt === null ? 0 : passed), 0);
    case 'build':
      return view.buildings.reduce((so, { endedAt, passed }) => so + (endedAt === null ? 0 : passed), 0);
    case 'rig':
      return view.riggings.reduce((so, { endedAt, passed }) => so + (endedAt === null ? 0 : passed), 0);
  }
}
