import { compareNames } from '@/core/numeric/compare-names';
import type { BuildRecord } from '@/records/build';
import { tallyByItem } from '@/core/stock/tally-by-item';
import { hasWiredHead, looseSkirt, usesWith } from '../bills/build-uses';
import type { BenchFacts } from '../bench/bench-facts';
import { headsThere } from '../heads/heads-there';
import type { KitLine } from '../kits/kit-line';
import { headsFor } from './bait-facts';

export interface Kit {
  readonly lines: readonly KitLine[];
  readonly canBegin: boolean;
  /** A head is needed and none was chosen. */
  readonly wantsHead: boolean;
}

const TIED = { href: '/skirt?part=board', says: 'tie them at Skirt' } as const;

/** What a run of so many takes of each bin, in the order in which the bins lie; heads from the bin chosen. */
export function kitOf(build: BuildRecord, count: number, headBinId: string | null, view: BenchFacts): Kit {
  const there = headsThere(view);
  const head = headBinId === null ? null : view.binById.get(headBinId);
  const uses = usesWith(build, head?.kind === 'head' ? head : null);
  const all = headBinId === null ? uses : [...uses, { item: headBinId, qty: 1 }];
  const lines = [...tallyByItem(all)]
    .flatMap(([binId, each]): KitLine[] => {
      const bin = view.binById.get(binId);
      const needed = each * count;
      const onHand = bin?.kind === 'head' ? there(binId) : (view.levels.get(binId) ?? 0);
      const used = view.binById.get(`used-${binId}`);
      const salvaged = used ? (view.levels.get(used.id) ?? 0) : 0;
      // New parts first; what they lack comes from the salvage box where used ones lie there.
      const fromUsed = Math.min(salvaged, Math.max(0, needed - onHand));
      const name = bin?.name ?? 'Loose skirts, none tied yet';
      const place = bin?.place ?? '';
      const made = build.skirtId !== null && binId === looseSkirt(build.skirtId) ? { madeAt: TIED } : {};
      return [
        ...(needed - fromUsed > 0
          ? [{ binId, name, place, needed: needed - fromUsed, onHand, ...made }]
          : []),
        ...(used && fromUsed > 0
          ? [{ binId: used.id, name: used.name, place: used.place, needed: fromUsed, onHand: salvaged }]
          : []),
      ];
    })
    .sort((a, b) => compareNames(a.place, b.place));
  const wantsHead = build.head !== null && !hasWiredHead(build, view) && headBinId === null;
  return {
    lines,
    wantsHead,
    canBegin: !wantsHead && lines.length > 0 && lines.every(({ needed, onHand }) => onHand >= needed - 1e-9),
  };
}

/** The head's bin to begin with: the one in the bait's color that gives most of a run. A head of another color is for the maker to choose. */
export function usualHead(build: BuildRecord, count: number, view: BenchFacts): string | null {
  const heads = headsFor(build, view).filter(({ coatId }) => coatId === (build.head?.coatId ?? null));
  const there = headsThere(view);
  const enough = heads.find(({ id }) => there(id) >= count);
  return (enough ?? heads[0])?.id ?? null;
}
