import { goesWith, type Fitting, type Going } from '@/core/rigs/goes-with';
import type { Bin } from '@/records/bin';
import { matchLines } from '../rigs/match-lines';
import type { BenchFacts } from '../bench/bench-facts';
import { clashesOf, stuffOf } from './cabinet';

/** Something on the shelf that a bin's things go together with. */
export interface Companion {
  readonly bin: Bin;
  readonly going: Going;
}

function fittingOf(bin: Bin): Fitting | null {
  if (bin.kind === 'hook')
    return { as: 'hook', sizes: { wireMm: bin.wireMm, gapeMm: bin.gapeMm }, line: null };
  return bin.kind === 'part' ? bin.gauge : null;
}

/** How much wider than need be: the closest fit comes first. */
function slackOf(going: Going): number {
  switch (going.how) {
    case 'threaded':
    case 'crimped':
      return going.holeMm / going.thickMm;
    case 'sleeved':
      return going.holeMm / going.overMm;
    case 'hung':
      return going.eyeMm / going.ringMm;
  }
}

/** What of the shelf goes with a bin by its measured sizes, the closest fit first; only what is there. */
export function companionsOf(bin: Bin, view: Pick<BenchFacts, 'bins' | 'levels' | 'matches'>): Companion[] {
  const mine = fittingOf(bin);
  if (!mine) return [];
  const { bins, levels } = view;
  const matches = matchLines(view);
  return bins
    .flatMap((other): Companion[] => {
      const its = other.id === bin.id || (levels.get(other.id) ?? 0) <= 0 ? null : fittingOf(other);
      const going = its ? goesWith(mine, its, matches) : null;
      return going ? [{ bin: other, going }] : [];
    })
    .sort((a, b) => slackOf(a.going) - slackOf(b.going) || a.bin.name.localeCompare(b.bin.name));
}

/** What it must not lie beside in its drawer, and does, by why. */
export function clashesAt(bin: Bin, { bins }: Pick<BenchFacts, 'bins'>): Map<string, Bin[]> {
  const others = new Map<string, Bin[]>();
  if (bin.drawerId === null || stuffOf(bin) === null) return others;
  const inside = bins.filter(({ drawerId }) => drawerId === bin.drawerId);
  for (const { a, b, why } of clashesOf(inside)) {
    if (a.id === bin.id || b.id === bin.id)
      others.set(why, [...(others.get(why) ?? []), a.id === bin.id ? b : a]);
  }
  return others;
}
