import { findClashes, stuffOfMetal, type Stuff } from '@/core/stock/clashes';
import { layCabinet } from '@/core/stock/cabinet/lay-cabinet';
import type { Bin } from '@/records/bin';
import { CABINET_COLUMNS, type Drawer } from '@/records/cabinet';
import type { BenchFacts } from '../bench/bench-facts';

/** A drawer with what lies in it. */
export interface FilledDrawer {
  readonly drawer: Drawer;
  readonly bins: readonly Bin[];
  readonly clashes: readonly DrawerClash[];
}

/** Two bins of one drawer that must not lie together. */
export interface DrawerClash {
  readonly a: Bin;
  readonly b: Bin;
  readonly why: string;
}

/** The cabinet and what lies in no drawer of it. */
export interface Cabinet {
  readonly drawers: readonly FilledDrawer[];
  readonly loose: readonly Bin[];
}

const PLASTIC_STUFF = { soft: 'soft-plastic', stretch: 'stretch-plastic' } as const;

/** What a bin counts as by what it was measured as, beside its neighbors; null where it harms none and none harms it. */
export function measuredStuff(bin: Bin): Stuff | null {
  if (bin.kind === 'metal') return stuffOfMetal(bin.composition);
  return bin.kind === 'part' && bin.gauge?.plastic ? PLASTIC_STUFF[bin.gauge.plastic] : null;
}

/** What a bin counts as: as the maker says, else as it was measured. */
export function stuffOf(bin: Bin): Stuff | null {
  return (bin.kind === 'part' ? bin.keepApart : null) ?? measuredStuff(bin);
}

/** Which bins of one drawer must not lie together. */
export function clashesOf(bins: readonly Bin[]): DrawerClash[] {
  const minding = bins
    .map((bin) => ({ id: bin.id, stuff: stuffOf(bin) }))
    .filter(({ stuff }) => stuff !== null);
  const byId = new Map(bins.map((bin) => [bin.id, bin]));
  return findClashes(minding).flatMap(({ a, b, why }) => {
    const [first, second] = [byId.get(a), byId.get(b)];
    return first && second ? [{ a: first, b: second, why }] : [];
  });
}

/** The cabinet as it stands, and what lies in no drawer of it. */
export function cabinetOf({ drawers, bins }: Pick<BenchFacts, 'drawers' | 'bins'>): Cabinet {
  const inside = new Map<string, Bin[]>(drawers.map(({ id }) => [id, []]));
  const loose: Bin[] = [];
  for (const bin of bins) (inside.get(bin.drawerId ?? '') ?? loose).push(bin);
  const byPlace = [...drawers].sort(
    (a, b) => a.row - b.row || a.column - b.column || a.id.localeCompare(b.id),
  );
  return {
    drawers: layCabinet(byPlace, CABINET_COLUMNS).map((drawer) => {
      const mine = inside.get(drawer.id) ?? [];
      return { drawer, bins: mine, clashes: clashesOf(mine) };
    }),
    loose,
  };
}
