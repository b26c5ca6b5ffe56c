import jstat from 'jstat';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

/** One outing: what came of some hours. */
export interface Outing {
  /** Whole. */
  readonly catches: number;
  readonly hours: number;
}

export interface CatchGroup {
  readonly id: string;
  readonly outings: readonly Outing[];
}

export interface CatchComparison {
  readonly groups: readonly {
    readonly id: string;
    readonly perHour: number;
    readonly low: number;
    readonly high: number;
  }[];
  /** How much more the outings of one group differ than chance alone would have them; 1 where they do not. */
  readonly dispersion: number;
  /** The one whose low is over every other's high; null where there is none, or nothing to compare with. */
  readonly winner: string | null;
}

const USUAL_CONFIDENCE = 0.9;
/** A weak guess before anything was caught: half a fish in an hour. */
export const USUAL_CATCH = { catches: 0.5, hours: 1 } as const;

/**
 * What came in an hour, group by group, where catches come in clumps: outings of one group that differ more than chance alone
 * would have them widen every band. None is called better while the bands overlap. At least one group, each with an
 * outing; confidence over 0 and under 1.
 *
 * Problem: `catch.no-hours` for a catch in no time.
 *
 * Source: calculation contract, `catch.compare`: quasi-Poisson dispersion (Pearson's) and a gamma posterior.
 *
 * @example compareCatches([{ id: 'a', outings: [{ catches: 30, hours: 10 }] }, { id: 'b', outings: [{ catches: 2, hours: 10 }] }]).value.winner // 'a'
 */
export function compareCatches(
  groups: readonly CatchGroup[],
  confidence = USUAL_CONFIDENCE,
): Outcome<CatchComparison> {
  for (const [at, { outings }] of groups.entries()) {
    const no = outings.findIndex(({ catches, hours }) => catches > 0 && hours === 0);
    const outing = outings[no];
    if (outing) {
      return fail('catch.no-hours', { catches: outing.catches }, ['groups', at, 'outings', no, 'hours']);
    }
  }
  const dispersion = dispersionOf(groups);
  const tail = (1 - confidence) / 2;
  const rated = groups.map(({ id, outings }) => {
    const catches = sum(outings.map((each) => each.catches)) + USUAL_CATCH.catches;
    const hours = sum(outings.map((each) => each.hours)) + USUAL_CATCH.hours;
    const [shape, rate] = [catches / dispersion, hours / dispersion];
    return {
      id,
      perHour: catches / hours,
      low: jstat.gamma.inv(tail, shape, 1 / rate),
      high: jstat.gamma.inv(1 - tail, shape, 1 / rate),
    };
  });
  const best = rated.find(
    (each) => rated.length > 1 && rated.every((other) => other === each || other.high < each.low),
  );
  return done({ groups: rated, dispersion, winner: best?.id ?? null });
}

/** Pearson's dispersion within groups, never under 1: outings of no hours and groups that caught nothing tell nothing of it. */
function dispersionOf(groups: readonly CatchGroup[]): number {
  const told = groups.flatMap(({ outings }) => {
    const hours = sum(outings.map((each) => each.hours));
    const perHour = hours > 0 ? sum(outings.map(({ catches }) => catches)) / hours : 0;
    return perHour > 0 ? [{ perHour, outings: outings.filter((each) => each.hours > 0) }] : [];
  });
  const free = sum(told.map(({ outings }) => outings.length)) - told.length;
  if (free <= 0) return 1;
  const squares = told.flatMap(({ perHour, outings }) =>
    outings.map(({ catches, hours }) => (catches - perHour * hours) ** 2 / (perHour * hours)),
  );
  return Math.max(1, sum(squares) / free);
}
