import { mean } from '../numeric/mean';
import { median } from '../numeric/median';
import { findDrift, type Drift } from './find-drift';

/** Castings of one cavity, weighed one by one in the order of casting. */
export interface WeighedCavity {
  readonly cavity: number;
  readonly weighedG: readonly number[];
  /** What the cavity should give on this hook in this metal. */
  readonly expectedG: number;
}

export interface CavityVerdict {
  readonly cavity: number;
  readonly drift: Drift | null;
  /** Its castings' mean over what was expected, less one. */
  readonly offShare: number;
}

export interface BlockVerdict {
  /** By how much all cavities are off alike: the metal or the scale, not the block. 0 where they are not. */
  readonly commonOffShare: number;
  /** The spread of one casting about its cavity, a share. */
  readonly sigma: number;
  readonly cavities: readonly CavityVerdict[];
}

/** The median range of two draws from a normal spread of 1. */
const MEDIAN_RANGE = 0.954;
/** A spread under what a scale and a steady hand do would call every crumb a drift. */
const LEAST_SIGMA = 0.0025;
/** Fewer cavities than this may all be off by themselves. */
const LEAST_CAVITIES = 3;
const LEAST_COMMON = 0.006;

/**
 * Which cavities of a block drift, held against each other so that a metal or a scale that is off blames none of
 * them. The spread is pooled from the moving ranges of all cavities. Cavities without weights are left out.
 *
 * @example judgeCavities([{ cavity: 2, weighedG: [10, 10, 10.4, 10.4], expectedG: 10 }]).cavities[0].drift?.from // 2
 */
export function judgeCavities(weighed: readonly WeighedCavity[]): BlockVerdict {
  const known = weighed
    .filter(({ weighedG, expectedG }) => weighedG.length > 0 && expectedG > 0)
    .map(({ cavity, weighedG, expectedG }) => ({ cavity, ratios: weighedG.map((each) => each / expectedG) }));
  const ranges = known.flatMap(({ ratios }) =>
    ratios.slice(1).map((ratio, index) => Math.abs(ratio - (ratios[index] ?? ratio))),
  );
  // The middle range, not the mean: the step of a drifting cavity is no spread.
  const usual = ranges.length > 0 ? median(ranges) / MEDIAN_RANGE : 0;
  const sigma = Math.max(LEAST_SIGMA, usual);
  const means = known.map(({ ratios }) => mean(ratios));
  const common = known.length >= LEAST_CAVITIES ? median(means) - 1 : 0;
  const alike = means.filter((each) => Math.abs(each - 1 - common) < LEAST_COMMON).length;
  const commonOffShare = Math.abs(common) >= LEAST_COMMON && alike > known.length / 2 ? common : 0;
  return {
    commonOffShare,
    sigma,
    cavities: known.map(({ cavity, ratios }, index) => ({
      cavity,
      offShare: (means[index] ?? 1) - 1,
      drift: findDrift(
        ratios.map((ratio) => ratio / (1 + commonOffShare)),
        sigma,
      ),
    })),
  };
}
