import type { BillPart } from '@/core/cost/bill';
import { boughtLike } from '../heads/bought-head';
import { coatUse } from '@/core/coats/coat-use';
import { sum } from '@/core/numeric/sum';
import { tallyByItem } from '@/core/stock/tally-by-item';
import type { Bin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import type { RigRecord } from '@/records/rig';
import type { Skirt } from '@/records/skirt';
import type { BenchFacts } from '../bench/bench-facts';
import { usualMetal } from '../metals/usual-metal';
import { pieceOf, type HeadOf } from '../heads/head-facts';
import { powderLayers } from '../coats/powder-layers';
import { besidesOf } from '../skirts/besides';
import { materialOf, tailLayers, takeOf } from '../skirts/skirt-facts';
import { hasWiredHead, looseSkirt, usesOf } from './build-uses';
import { cutsOf, rigPieces } from './rig-uses';

/** A head as it may be asked for: its casting, its color, its skirt. */
export interface HeadPieceOf extends HeadOf {
  readonly coatId: string | null;
  readonly skirtId: string | null;
}

/** What of a recipe its bill is made of, kept or not. */
export type SkirtParts = Pick<
  Skirt,
  'family' | 'name' | 'layers' | 'tails' | 'hold' | 'collar' | 'thread' | 'also'
>;

/** What can be made, costed, fished and bought in. */
export type MadePiece =
  | { readonly kind: 'head'; readonly head: HeadPieceOf }
  | { readonly kind: 'skirt'; readonly skirt: SkirtParts }
  | { readonly kind: 'build'; readonly build: BuildRecord }
  | { readonly kind: 'rig'; readonly rig: RigRecord };

/** What can be sold: made here, or as it was bought. */
export type PieceKind = MadePiece | { readonly kind: 'bin'; readonly bin: Bin };

/** How heads get their powder where nobody said: the common way. */
const USUAL_WAY = 'flame-dip';

const leaf = (binId: string, qty: number, { binById }: Pick<BenchFacts, 'binById'>): BillPart => ({
  id: binId,
  name: binById.get(binId)?.name ?? 'a part gone',
  item: binId,
  qty,
  stage: null,
  parts: [],
});

/** What a piece is made of, down to the last bead, with the stages that make it. */
export function billOf(piece: PieceKind, view: BenchFacts): BillPart {
  switch (piece.kind) {
    case 'head':
      return headBill(piece.head, view);
    case 'skirt':
      return skirtBill(piece.skirt, view);
    case 'build':
      return buildBill(piece.build, view);
    case 'rig':
      return rigBill(piece.rig, view);
    case 'bin':
      return leaf(piece.bin.id, 1, view);
  }
}

function castBill(head: HeadOf, view: BenchFacts): BillPart {
  const hook = head.hookBinId === null ? null : (view.hooks.get(head.hookBinId) ?? null);
  const metalBinId = head.metalBinId ?? usualMetal(view)?.id ?? null;
  const castG = Math.max(0.1, head.nominalG - (hook?.massG ?? 0));
  // What goes off as dross was metal too.
  const metalG = castG / (1 - view.bench.pot.drossShare);
  return {
    id: 'cast',
    name: 'The casting',
    item: null,
    qty: 1,
    stage: 'pour',
    parts: [
      ...(metalBinId === null ? [] : [leaf(metalBinId, metalG, view)]),
      ...(hook ? [leaf(hook.id, 1, view)] : []),
    ],
  };
}

function headBill(head: HeadPieceOf, view: BenchFacts): BillPart {
  const bought = boughtLike(head, view);
  let bill = bought ? leaf(bought.id, 1, view) : castBill(head, view);
  const coat = head.coatId === null ? undefined : view.coatById.get(head.coatId);
  const areaCm2 = coat ? pieceOf(head, view)?.areaCm2 : undefined;
  if (coat && areaCm2 !== undefined) {
    const used = coatUse(powderLayers(coat, USUAL_WAY, view), areaCm2, 1);
    bill = {
      id: 'coated',
      name: `Head in ${coat.name}`,
      item: null,
      qty: 1,
      stage: 'coat',
      parts: [bill, ...[...used].map(([binId, g]) => leaf(binId, g, view))],
    };
  }
  const skirt = head.skirtId === null ? undefined : view.skirtById.get(head.skirtId);
  if (!skirt) return bill;
  return {
    id: 'dressed',
    name: `Head in ${skirt.name}`,
    item: null,
    qty: 1,
    stage: null,
    parts: [bill, skirtBill(skirt, view)],
  };
}

function skirtBill(skirt: SkirtParts, view: BenchFacts): BillPart {
  const layers = [...skirt.layers, ...tailLayers(skirt)].flatMap((layer) => {
    const material = materialOf(layer, view);
    return material ? [{ item: material.id, qty: takeOf(layer, material) }] : [];
  });
  return {
    id: `skirt:${skirt.family}`,
    name: `Skirt, ${skirt.name}`,
    item: null,
    qty: 1,
    stage: 'skirt',
    parts: [...tallyByItem([...layers, ...besidesOf(skirt)])].map(([item, qty]) => leaf(item, qty, view)),
  };
}

function buildBill(build: BuildRecord, view: BenchFacts): BillPart {
  const skirt = build.skirtId === null ? undefined : view.skirtById.get(build.skirtId);
  const loose = build.skirtId === null ? null : looseSkirt(build.skirtId);
  const parts = usesOf(build).filter(({ item }) => item !== loose);
  const head = build.head && !hasWiredHead(build, view) ? build.head : null;
  return {
    id: `build:${build.family}`,
    name: build.name,
    item: null,
    qty: 1,
    stage: 'build',
    parts: [
      ...(head ? [headBill({ ...head, metalBinId: null, skirtId: null }, view)] : []),
      ...(skirt ? [skirtBill(skirt, view)] : []),
      ...parts.map(({ item, qty }) => leaf(item, qty, view)),
    ],
  };
}

function rigBill(rig: RigRecord, view: BenchFacts): BillPart {
  const cuts = cutsOf(rig, view).map(({ binId, cutMm }) => ({ item: binId, qty: cutMm }));
  return {
    id: `rig:${rig.family}`,
    name: rig.name,
    item: null,
    qty: 1,
    stage: 'rig',
    parts: [...tallyByItem([...rigPieces(rig, view), ...cuts])].map(([item, qty]) => {
      // A weight that was made here costs what its own parts and hands do.
      const bin = view.binById.get(item);
      const made = bin?.kind === 'part' && bin.rigId !== null ? view.rigById.get(bin.rigId) : undefined;
      return made ? { ...rigBill(made, view), qty } : leaf(item, qty, view);
    }),
  };
}

/** What one of a piece takes of each bin, all its stages through. */
export function takenByBill(bill: BillPart, times = 1): Map<string, number> {
  const taken = new Map<string, number>();
  const walk = (part: BillPart, qty: number): void => {
    const here = part.qty * qty;
    if (part.item !== null) taken.set(part.item, sum([taken.get(part.item) ?? 0, here]));
    for (const under of part.parts) walk(under, here);
  };
  walk(bill, times);
  return taken;
}
