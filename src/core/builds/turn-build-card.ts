/** Where a run's card stands: which step, of which bait, how far its count is. Each from 0. */
export interface BuildPlace {
  readonly step: number;
  readonly bait: number;
  readonly counted: number;
}

export type BuildWay = 'one-by-one' | 'by-station';

/**
 * Where a card stands after one press: a count more; else the next step of this bait or, by station, this step of the next
 * bait. Null when all of it is through. `times` is how often each step counts, `count` how many baits there are.
 *
 * @example pressBuild({ step: 0, bait: 0, counted: 0 }, [1, 1], 2, 'by-station') // { step: 0, bait: 1, counted: 0 }
 */
export function pressBuild(
  place: BuildPlace,
  times: readonly number[],
  count: number,
  way: BuildWay,
): BuildPlace | null {
  const { step, bait, counted } = place;
  if (counted + 1 < (times[step] ?? 0)) return { ...place, counted: counted + 1 };
  const [nextStep, nextBait] = [step + 1 < times.length, bait + 1 < count];
  if (way === 'one-by-one') {
    if (nextStep) return { step: step + 1, bait, counted: 0 };
    return nextBait ? { step: 0, bait: bait + 1, counted: 0 } : null;
  }
  if (nextBait) return { step, bait: bait + 1, counted: 0 };
  return nextStep ? { step: step + 1, bait: 0, counted: 0 } : null;
}

/**
 * Where it stands one back: a count less, or where it came from.
 *
 * @example backBuild({ step: 1, bait: 0, counted: 0 }, 2, 3, 'by-station') // { step: 0, bait: 2, counted: 0 }
 */
export function backBuild(place: BuildPlace, steps: number, count: number, way: BuildWay): BuildPlace {
  const { step, bait, counted } = place;
  if (counted > 0) return { ...place, counted: counted - 1 };
  if (way === 'one-by-one') {
    if (step > 0) return { step: step - 1, bait, counted: 0 };
    return bait > 0 ? { step: steps - 1, bait: bait - 1, counted: 0 } : place;
  }
  if (bait > 0) return { step, bait: bait - 1, counted: 0 };
  return step > 0 ? { step: step - 1, bait: count - 1, counted: 0 } : place;
}

/**
 * How many baits are through all steps.
 *
 * @example builtSoFar({ step: 3, bait: 2, counted: 0 }, 4, 'one-by-one') // 2
 */
export function builtSoFar({ step, bait }: BuildPlace, steps: number, way: BuildWay): number {
  return way === 'one-by-one' || step === steps - 1 ? bait : 0;
}
