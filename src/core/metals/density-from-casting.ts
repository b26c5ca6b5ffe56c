import { embeddedTotals } from '../cavities/embedded-totals';
import type { EmbeddedPart } from '../cavities/embedded-part';
import { done, fail, type Outcome } from '../problems/problem';

export interface KnownCavity {
  readonly volumeCm3: number;
  /** Null where it was never weighed twice. */
  readonly standardErrorCm3: number | null;
  readonly embedded: readonly EmbeddedPart[];
}

/** How dense a metal is by what a cavity gave of it. */
export interface CastDensity {
  /** As lead and tin metals shrink. */
  readonly densityGcm3: number;
  readonly standardErrorGcm3: number;
  /** What a cm3 of cavity gave, whatever it shrinks, and how far that lies off, one standard error as a share. */
  readonly gramsPerCm3: number;
  readonly errorShare: number;
}

/** What nobody has told of a metal's shrink: lead and tin metals lie between 0.4 and 0.9 %. */
const SHRINK = 0.0065;
const SHRINK_ERROR = 0.0015;
/** A cavity told but never weighed, as a share of its volume. */
const UNWEIGHED = 0.03;

/**
 * Density of an unknown metal in g/cm3 with its standard error, from `count` castings of a cavity of known volume
 * that weigh `weighedG` together. The shrink is taken as that of lead and tin metals; cavity, shrink and scale
 * (`scaleErrorG`) make the error.
 *
 * Problem: `cavity.lighter-than-hardware`.
 *
 * @example densityFromCasting({ volumeCm3: 1, standardErrorCm3: 0.002, embedded: [] }, 22, 2, 0.05).value.densityGcm3
 */
export function densityFromCasting(
  { volumeCm3, standardErrorCm3, embedded }: KnownCavity,
  weighedG: number,
  count: number,
  scaleErrorG: number,
): Outcome<CastDensity> {
  const { displacedCm3, staysG } = embeddedTotals(embedded);
  const metalG = weighedG / count - staysG;
  const metalCm3 = volumeCm3 - displacedCm3;
  if (!(metalG > 0) || !(metalCm3 > 0)) {
    return fail('cavity.lighter-than-hardware', { eachG: weighedG / count, hardwareG: staysG }, ['weighedG']);
  }
  const densityGcm3 = metalG / metalCm3 / (1 - SHRINK) ** 3;
  const shares: readonly [number, number, number] = [
    (standardErrorCm3 ?? volumeCm3 * UNWEIGHED) / metalCm3,
    3 * SHRINK_ERROR,
    scaleErrorG / count / metalG,
  ];
  const [ofCavity, , ofScale] = shares;
  return done({
    densityGcm3,
    standardErrorGcm3: densityGcm3 * Math.hypot(...shares),
    gramsPerCm3: metalG / metalCm3,
    errorShare: Math.hypot(ofCavity, ofScale),
  });
}
