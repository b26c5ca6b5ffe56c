import { catchRate, type CatchRate } from './catch-rate';

/** Hours fished in one way, and what came of them. */
export interface Spell {
  /** What it is counted under: a build, a weight, a color. */
  readonly under: string;
  readonly hours: number;
  readonly count: number;
}

export interface RateGroup extends CatchRate {
  readonly under: string;
  readonly hours: number;
  readonly count: number;
}

export interface RateComparison {
  /** Highest mean first. */
  readonly groups: readonly RateGroup[];
  /** Whose band lies over all others; null where bands overlap, or there is none to compare with. */
  readonly winner: string | null;
}

/**
 * What came in an hour, group by group, with the band that holds the truth nine times in ten. None is called better
 * than another while their bands overlap.
 *
 * @example compareRates([{ under: 'a', hours: 10, count: 30 }, { under: 'b', hours: 10, count: 2 }]).winner // 'a'
 */
export function compareRates(spells: readonly Spell[]): RateComparison {
  const totals = new Map<string, { hours: number; count: number }>();
  for (const { under, hours, count } of spells) {
    const so = totals.get(under) ?? { hours: 0, count: 0 };
    totals.set(under, { hours: so.hours + hours, count: so.count + count });
  }
  const groups = [...totals]
    .map(([under, total]): RateGroup => ({ under, ...total, ...catchRate(total.count, total.hours) }))
    .sort((a, b) => b.perHour - a.perHour);
  const [first, ...others] = groups;
  const stands = first && others.length > 0 && others.every(({ high }) => high < first.low);
  return { groups, winner: stands ? first.under : null };
}
