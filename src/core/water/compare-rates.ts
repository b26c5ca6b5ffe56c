import { sum } from '../numeric/sum';
import { compareCatches } from './compare-catches';

/** Hours fished in one way, and what came of them: one outing. */
export interface Spell {
  /** What it is counted under: a build, a weight, a color. */
  readonly under: string;
  readonly hours: number;
  readonly count: number;
}

export interface RateGroup {
  readonly under: string;
  readonly hours: number;
  readonly count: number;
  /** Simply divided; null where no hours were noted. */
  readonly counted: number | null;
  /** The careful figure, which few hours draw toward what is usual, and the band that holds the truth nine times in ten. */
  readonly perHour: number;
  readonly low: number;
  readonly high: number;
}

export interface RateComparison {
  /** Highest mean first. */
  readonly groups: readonly RateGroup[];
  /** Whose band lies over all others; null where bands overlap, or there is none to compare with. */
  readonly winner: string | null;
  /** How much more outings of one group differ than chance alone would have it; 1 where they do not. */
  readonly dispersion: number;
}

/**
 * What came in an hour, group by group, with the band that holds the truth nine times in ten: wider where catches come in
 * clumps. None is called better than another while their bands overlap. What came in an outing of no hours is counted,
 * and tells no rate.
 *
 * @example compareRates([{ under: 'a', hours: 10, count: 30 }, { under: 'b', hours: 10, count: 2 }]).winner // 'a'
 */
export function compareRates(spells: readonly Spell[]): RateComparison {
  const outings = new Map<string, Spell[]>();
  for (const spell of spells) outings.set(spell.under, [...(outings.get(spell.under) ?? []), spell]);
  const named = [...outings].map(([id, own]) => ({
    id,
    outings: own.map(({ hours, count }) => ({ hours, catches: hours > 0 ? count : 0 })),
  }));
  if (named.length === 0) return { groups: [], winner: null, dispersion: 1 };
  const compared = compareCatches(named);
  if (!compared.ok)
    throw new RangeError(`compareRates requires hours where something came: ${compared.problem.code}`);
  const { groups, winner, dispersion } = compared.value;
  return {
    groups: groups
      .map(({ id: under, ...rate }): RateGroup => {
        const own = outings.get(under) ?? [];
        const [hours, count] = [sum(own.map((each) => each.hours)), sum(own.map((each) => each.count))];
        return { under, hours, count, counted: hours > 0 ? count / hours : null, ...rate };
      })
      .sort((a, b) => b.perHour - a.perHour),
    winner,
    dispersion,
  };
}
