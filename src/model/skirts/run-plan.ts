import { nearestColors } from '@/core/coats/color/nearest-colors';
import { pullTabs, type TabPieces } from '@/core/skirts/pull-tabs';
import { tallyByItem } from '@/core/stock/tally-by-item';
import { sum } from '@/core/numeric/sum';
import type { StrandBin } from '@/records/bin';
import type { Skirt } from '@/records/skirt';
import type { TakenOf, Tying } from '@/records/tying';
import { besidesOf } from './besides';
import { materialOf, piecesOf, tailLayers, takeOf } from './skirt-facts';
import type { BenchFacts } from '../bench/bench-facts';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from '../stock/free-of';
import { givesOf, type Gives } from '../stock/gives';

/** Another material in place of one that is short. */
export interface Substitute {
  readonly material: StrandBin;
  /** CIEDE2000. */
  readonly deltaE: number;
}

/** What a run takes of one bin. */
export interface RunTake {
  readonly binId: string;
  readonly name: string;
  readonly material: StrandBin | null;
  /** In the bin's unit, for one skirt and for all. */
  readonly each: number;
  readonly qty: number;
  readonly onHand: number;
  /** Of tabs: what to pull, and what will be left of it. */
  readonly pulled: readonly TabPieces[];
  readonly left: readonly TabPieces[];
  /** Missing: tabs or the bin's unit. */
  readonly short: number;
}

export interface RunPlan {
  readonly takes: readonly RunTake[];
  readonly canBegin: boolean;
}

type Parts = Pick<Skirt, 'layers' | 'hold' | 'collar' | 'thread' | 'also'> & {
  readonly shownOn?: Skirt['shownOn'];
  readonly tails?: Skirt['tails'];
};

/** All that is cut for a recipe: its layers, and its inner tails. */
const cutOf = (recipe: Parts) => [...recipe.layers, ...tailLayers(recipe)];

/** A recipe with other materials in some of its layers. */
export function withSwaps<R extends Pick<Skirt, 'layers'>>(recipe: R, swaps: Tying['swaps']): R {
  if (swaps.length === 0) return recipe;
  const to = new Map(swaps.map(({ layerId, binId }) => [layerId, binId]));
  return {
    ...recipe,
    layers: recipe.layers.map((layer) => ({ ...layer, binId: to.get(layer.id) ?? layer.binId })),
  };
}

/** What so many skirts take from the shelf, cut pieces first; `others` are collars, guards and rattles besides. */
export function planRun(
  recipe: Parts,
  count: number,
  view: BenchFacts,
  collarBinId: string | null = recipe.collar.binId,
  others: readonly string[] = [],
): RunPlan {
  const byBin = new Map<string, StrandBin | null>();
  const cut = cutOf(recipe);
  for (const layer of cut) byBin.set(layer.binId, materialOf(layer, view));
  const takes = [...byBin].map(([binId, material]): RunTake => {
    const mine = cut.filter((layer) => layer.binId === binId);
    const shares = material ? mine.map((layer) => takeOf(layer, material)) : [];
    const each = sum(shares);
    const onHand = view.levels.get(binId) ?? 0;
    const common = { binId, name: material?.name ?? 'a material gone', material, each, onHand };
    if (material?.form === 'tab') {
      const { pulled, left, shortTabs } = pullTabs(shares, count, piecesOf(binId, view));
      return { ...common, qty: each * count, pulled, left, short: shortTabs };
    }
    const qty = each * count;
    const short = material ? Math.max(0, qty - onHand) : count;
    return { ...common, qty, pulled: [], left: [], short };
  });
  const asked = [...besidesOf(recipe, collarBinId), ...others.map((item) => ({ item, qty: 1 }))];
  const besides = [...tallyByItem(asked)].map(([binId, each]): RunTake => {
    const onHand = view.levels.get(binId) ?? 0;
    return {
      binId,
      name: view.binById.get(binId)?.name ?? 'a part gone',
      material: null,
      onHand,
      each,
      qty: each * count,
      pulled: [],
      left: [],
      short: Math.max(0, each * count - onHand),
    };
  });
  const all = [...takes, ...besides];
  return { takes: all, canBegin: count > 0 && all.every(({ short }) => short <= 1e-9) };
}

/** What a run takes, as the ledger books it. */
export function takenOf(plan: RunPlan): TakenOf[] {
  return plan.takes.map(({ binId, pulled, qty, material }) =>
    material?.form === 'tab'
      ? { binId, pieces: pulled.map((each) => ({ ...each })), qty: 0 }
      : { binId, pieces: [], qty },
  );
}

/** What goes back of a run with so many used up, tied or spoiled: pieces as they are after cutting, the rest by amount. */
export function putBackOf(
  tying: Pick<Tying, 'taken' | 'count'>,
  recipe: Parts,
  used: number,
  view: BenchFacts,
): TakenOf[] {
  return tying.taken.flatMap((taken): TakenOf[] => {
    if (taken.pieces.length === 0) {
      const each = taken.qty / tying.count;
      const qty = each * (tying.count - used);
      return qty > 1e-9 ? [{ binId: taken.binId, pieces: [], qty }] : [];
    }
    const cuts = cutOf(recipe).flatMap((layer) => {
      const material = layer.binId === taken.binId ? materialOf(layer, view) : null;
      return material ? [takeOf(layer, material)] : [];
    });
    const { pulled, left } = pullTabs(cuts, used, taken.pieces);
    const pieces = merge([...unused(taken.pieces, pulled), ...left]);
    return pieces.length > 0 ? [{ binId: taken.binId, pieces, qty: 0 }] : [];
  });
}

function unused(taken: readonly TabPieces[], pulled: readonly TabPieces[]): TabPieces[] {
  const used = new Map(pulled.map(({ share, count }) => [share, count]));
  return taken
    .map(({ share, count }) => ({ share, count: count - (used.get(share) ?? 0) }))
    .filter(({ count }) => count > 0);
}

function merge(pieces: readonly TabPieces[]): TabPieces[] {
  const counts = new Map<number, number>();
  for (const { share, count } of pieces) counts.set(share, (counts.get(share) ?? 0) + count);
  return [...counts].map(([share, count]) => ({ share, count })).sort((a, b) => b.share - a.share);
}

const OFFERED = 3;

/** What could stand for a material: others of its form of which there is enough, nearest in color first. */
export function substitutesFor(take: RunTake, view: BenchFacts): Substitute[] {
  const { material, qty } = take;
  if (!material) return [];
  const others = view.bins.filter(
    (bin): bin is StrandBin =>
      bin.kind === 'strand' &&
      bin.id !== material.id &&
      bin.form === material.form &&
      (view.levels.get(bin.id) ?? 0) >= qty,
  );
  return nearestColors(material.hex, others, OFFERED).flatMap(({ id, deltaE }) => {
    const found = others.find((bin) => bin.id === id);
    return found ? [{ material: found, deltaE }] : [];
  });
}

/** How many skirts the free shelf gives now, and what ends it. */
export function tieable(recipe: Parts, view: BenchView): Gives {
  return givesOf(
    planRun(recipe, 1, view).takes.map(({ binId, name, each }) => ({
      item: binId,
      name,
      qty: each,
      free: freeOf(view, binId),
    })),
  );
}
