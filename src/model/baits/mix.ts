import type { MixRecipe } from '@/core/stock/mix-stock';
import type { BuildRecord } from '@/records/build';
import { hasWiredHead, usesOf, usesWith } from '../bills/build-uses';
import type { BenchView } from '../bench/bench-view';
import { headsFor, shelfOf } from './bait-facts';
import { newestByFamily } from '../versions/newest-by-family';

/** What `stock.mix` is asked. */
export interface MixQuestion {
  readonly recipes: readonly MixRecipe[];
  readonly shelf: readonly { readonly item: string; readonly onHand: number; readonly reserved: number }[];
}

/** How many of each are wanted at most, by the build's id; left out where as many as there can be. */
export type Wanted = Readonly<Record<string, number>>;

/**
 * The whole shelf as a question: every bait that fits, what one takes and is worth. A head can be any of its bins, so that a
 * bait stands once for each bin its head could come from.
 */
export function mixQuestion(
  builds: readonly BuildRecord[],
  wanted: Wanted,
  withSalvage: boolean,
  view: BenchView,
): MixQuestion {
  const recipes = builds.flatMap((build): MixRecipe[] => {
    const uses = usesOf(build);
    const most = wanted[build.id];
    // A want of its own is a thing of which there are so many: all ways to build it share it.
    const want = most === undefined ? [] : [{ item: wantItem(build.id), qty: 1 }];
    const heads = build.head && !hasWiredHead(build, view) ? headsFor(build, view) : null;
    const ways = heads ? heads.map((head) => [...usesWith(build, head), { item: head.id, qty: 1 }]) : [uses];
    return ways.map((way, index) => ({
      id: `${build.id} ${index}`,
      uses: [...way, ...want],
      value: build.worth,
    }));
  });
  const used = new Set(recipes.flatMap(({ uses }) => uses.map(({ item }) => item)));
  const salvaged = withSalvage ? salvageOf(view) : new Map<string, number>();
  return {
    recipes: recipes.filter(({ uses }) => uses.length > 0),
    shelf: [
      ...shelfOf(view)
        .filter(({ item }) => used.has(item))
        .map((each) => ({ ...each, onHand: each.onHand + (salvaged.get(each.item) ?? 0) })),
      ...Object.entries(wanted).map(([id, count]) => ({ item: wantItem(id), onHand: count, reserved: 0 })),
    ],
  };
}

const wantItem = (id: string) => `want ${id}`;

/** What of each part lies in the salvage box as used; worn parts are for the maker to judge. */
function salvageOf({ bins, levels }: BenchView): Map<string, number> {
  return new Map(
    bins.flatMap((bin) =>
      bin.kind === 'part' && bin.condition === 'used'
        ? [[bin.id.replace(/^used-/, ''), levels.get(bin.id) ?? 0] as const]
        : [],
    ),
  );
}

/** How many of each bait an answer makes. */
export function countsOf(
  make: readonly { readonly id: string; readonly count: number }[],
): Map<string, number> {
  const counts = new Map<string, number>();
  for (const { id, count } of make) {
    const buildId = id.slice(0, id.lastIndexOf(' '));
    counts.set(buildId, (counts.get(buildId) ?? 0) + count);
  }
  return counts;
}

/** A packet of a part as sellers usually have it. */
export const PACKET = 10;

/** The parts of which a packet more could open something up: those that the mix leaves too few of for one more bait. */
export function scarceItems(question: MixQuestion, counts: ReadonlyMap<string, number>): string[] {
  const left = new Map(question.shelf.map(({ item, onHand }) => [item, onHand]));
  for (const { id, uses } of question.recipes) {
    const count = counts.get(id) ?? 0;
    for (const { item, qty } of uses) left.set(item, (left.get(item) ?? 0) - qty * count);
  }
  const short = question.recipes.flatMap(({ uses }) =>
    uses
      .filter(({ item, qty }) => (left.get(item) ?? 0) < qty && !item.startsWith('want '))
      .map(({ item }) => item),
  );
  return [...new Set(short)];
}

/** The question with a packet more of an item. */
export function withPacket(question: MixQuestion, item: string): MixQuestion {
  const isThere = question.shelf.some((each) => each.item === item);
  return {
    ...question,
    shelf: isThere
      ? question.shelf.map((each) => (each.item === item ? { ...each, onHand: each.onHand + PACKET } : each))
      : [...question.shelf, { item, onHand: PACKET, reserved: 0 }],
  };
}

/** Baits that could be built at all. */
export function mixable(view: BenchView, fits: (build: BuildRecord) => boolean): BuildRecord[] {
  return newestByFamily(view.builds).filter(fits);
}
