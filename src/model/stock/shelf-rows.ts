import { hasWords } from '@/core/numeric/has-words';
import { compareNames } from '@/core/numeric/compare-names';
import { hookRank } from '@/core/units/hook-rank';
import type { Bin } from '@/records/bin';
import type { BenchView } from '../bench/bench-view';
import { freeOf } from './free-of';
import { stockStatus, type StockStatus } from './stock-status';

/** A bin with how it stands and how full it looks. */
export interface ShelfBin extends Pick<StockStatus, 'onHand' | 'promised' | 'isLow' | 'isShort'> {
  readonly bin: Bin;
  readonly free: number;
  /** How full its drawer is drawn, 0..1. */
  readonly fill: number;
}

export interface ShelfGroup {
  readonly name: string;
  readonly bins: readonly ShelfBin[];
}

export type ShelfFilter =
  | 'all'
  | 'metal'
  | 'hook'
  | 'head'
  | 'powder'
  | 'strand'
  | 'part'
  | 'low'
  | 'unpriced';

const KIND_NAMES: Record<Bin['kind'], string> = {
  metal: 'Metal',
  hook: 'Hooks',
  head: 'Heads',
  powder: 'Powders',
  strand: 'Skirt material',
  part: 'Parts',
};

const KIND_ORDER: readonly Bin['kind'][] = ['metal', 'hook', 'head', 'powder', 'strand', 'part'];

/** Full to the eye: so many times what counts as low, or this much where nobody said. */
const FULL_OVER_LOW = 4;

const FULL: Record<Bin['kind'], number> = {
  metal: 10_000,
  hook: 120,
  head: 60,
  powder: 250,
  strand: 24,
  part: 60,
};

/**
 * Bins as they stand on the shelf: metal, hooks, heads, powders, skirt material, parts; hooks by size, all else by name.
 *
 * @example inShelfOrder(view.bins)[0]?.kind // 'metal'
 */
export function inShelfOrder(bins: readonly Bin[]): Bin[] {
  return KIND_ORDER.flatMap((kind) =>
    bins
      .filter((bin) => bin.kind === kind)
      .map((bin) => ({ bin, rank: rankOf(bin) }))
      .sort((a, b) => a.rank - b.rank || compareNames(a.bin.name, b.bin.name))
      .map(({ bin }) => bin),
  );
}

/** Whether a bin calls for something: low, or more promised than there is. */
export const isCalling = ({ isLow, isShort }: ShelfBin): boolean => isLow || isShort;

/**
 * What a search and a filter leave of bins in the order of the shelf, in groups by kind, parts by sort. The search
 * looks at names, places, sorts and sizes as they are marked or were measured; every word must be found.
 *
 * @example shelfGroups(rows, 'jig 2/0', 'hook')
 */
export function shelfGroups(
  rows: readonly ShelfBin[],
  search: string,
  filter: ShelfFilter,
  hasPrice: (binId: string) => boolean = () => true,
): ShelfGroup[] {
  const isSearched = search.trim() !== '';
  const groups = new Map<string, ShelfBin[]>();
  for (const row of rows) {
    const { bin } = row;
    if (!passes(row, filter, hasPrice)) continue;
    if (isSearched && !hasWords(searchText(bin), search)) continue;
    const name = bin.kind === 'part' ? capital(bin.sort) : KIND_NAMES[bin.kind];
    const group = groups.get(name);
    if (group) group.push(row);
    else groups.set(name, [row]);
  }
  return [...groups].map(([name, bins]) => ({ name, bins }));
}

/** Whether a filter leaves a bin. */
function passes(row: ShelfBin, filter: ShelfFilter, hasPrice: (binId: string) => boolean): boolean {
  switch (filter) {
    case 'all':
      return true;
    case 'low':
      return isCalling(row);
    case 'unpriced':
      return !hasPrice(row.bin.id);
    default:
      return row.bin.kind === filter;
  }
}

function searchText(bin: Bin): string {
  const text = `${bin.name} ${bin.place} ${bin.kind === 'part' ? bin.sort : ''} ${sizesText(bin)}`;
  return text.toLowerCase();
}

/** Its sizes as a maker would type them: `2/0`, `1.2mm`, `0.5g`. */
function sizesText(bin: Bin): string {
  if (bin.kind === 'hook') return `${bin.size} ${bin.gapeMm}mm ${bin.wireMm}mm`;
  if (bin.kind === 'head') return `${bin.style} ${bin.nominalG}g`;
  if (bin.kind === 'strand') return `${bin.strandWidthMm}mm`;
  if (bin.kind !== 'part') return '';
  const sizes = Object.entries(bin.gauge?.sizes ?? {}).map(([id, value]) =>
    id.endsWith('Mm') ? `${value}mm` : `${value}`,
  );
  return `${bin.gauge?.as ?? ''} ${sizes.join(' ')} ${bin.massG === null ? '' : `${bin.massG}g`}`;
}

/** A bin with its figures. */
export function shelfBin(view: BenchView, bin: Bin): ShelfBin {
  const { onHand, promised, isLow, isShort } = stockStatus(bin, view);
  const full = bin.lowAt ? bin.lowAt * FULL_OVER_LOW : FULL[bin.kind];
  return {
    bin,
    onHand,
    promised,
    free: freeOf(view, bin.id),
    isLow,
    isShort,
    fill: Math.max(0, Math.min(1, onHand / full)),
  };
}

/** Hooks stand by size; all else by name. */
function rankOf(bin: Bin): number {
  return bin.kind === 'hook' ? (hookRank(bin.size)?.rank ?? 0) : 0;
}

function capital(text: string): string {
  return text.charAt(0).toUpperCase() + text.slice(1);
}
