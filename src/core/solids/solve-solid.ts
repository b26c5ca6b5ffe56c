import { castGramsPerCm3, type CastMetal } from '../cavities/cast-grams-per-cm3';
import { embeddedTotals } from '../cavities/embedded-totals';
import { predictCasting } from '../cavities/predict-casting';
import type { EmbeddedPart } from '../cavities/embedded-part';
import { findRoot } from '../numeric/find-root';
import { done, fail, type Outcome } from '../problems/problem';
import { measureSolid } from './measure-solid';
import { scaleSolid } from './scale-solid';
import { shapeOf, type Part, type Solid } from './solid';

/** What may change: the size of all of it, or one dimension of one part. */
export type Vary =
  | { readonly kind: 'scale' }
  | { readonly kind: 'field'; readonly part: number; readonly field: string };

export interface SolvedSolid {
  /** The scale factor or the dimension. */
  readonly value: number;
  readonly solid: Solid;
  readonly finishedG: number;
}

const MM3_PER_CM3 = 1000;

/** No mold is a kilometer across; past this the search gives up. */
const LARGEST_MM = 1e6;

/**
 * The size that makes a cavity of this shape give `targetG` in a metal around what is embedded: the scale factor
 * about the origin, or one dimension. The metal's shrink is in it.
 *
 * Problems: `solid.not-a-dimension`; `solid.out-of-reach` where no size does; those of `measureSolid`.
 *
 * @example
 * // how deep to drill a 30 mm hole for 30 g of pewter
 * solveSolid({ parts: [{ shape: 'cylinder', diameterMm: 30, heightMm: 1 }] }, pewter, [], 30,
 *   { kind: 'field', part: 0, field: 'heightMm' }).value.value // 5.9...
 */
export function solveSolid(
  solid: Solid,
  metal: CastMetal,
  embedded: readonly EmbeddedPart[],
  targetG: number,
  vary: Vary,
): Outcome<SolvedSolid> {
  const { displacedCm3, staysG } = embeddedTotals(embedded);
  const metalCm3 = (targetG - staysG) / castGramsPerCm3(metal);
  const volumeCm3 = metalCm3 + displacedCm3;
  const outOfReach = fail('solid.out-of-reach', { targetG }, ['targetG']);
  const finish = (value: number, solved: Solid): Outcome<SolvedSolid> => {
    const measured = measureSolid(solved);
    if (!measured.ok) return measured;
    const cast = predictCasting(measured.value.volumeCm3, metal, embedded);
    return cast.ok ? done({ value, solid: solved, finishedG: cast.value.finishedG }) : outOfReach;
  };

  if (vary.kind === 'scale') {
    const measured = measureSolid(solid);
    if (!measured.ok) return measured;
    if (!(metalCm3 > 0)) return outOfReach;
    const factor = Math.cbrt(volumeCm3 / measured.value.volumeCm3);
    return finish(factor, scaleSolid(solid, factor));
  }

  const part = solid.parts[vary.part];
  if (!part || !(shapeOf(part).dimensions as readonly string[]).includes(vary.field)) {
    return fail('solid.not-a-dimension', { part: vary.part, field: vary.field }, ['vary', 'field']);
  }
  if (!(metalCm3 > 0)) return outOfReach;
  const withSize = (size: number) => ({ ...part, [vary.field]: size }) as Part;
  const volumeOf = (each: Part) => (each.sign ?? 1) * (each.count ?? 1) * shapeOf(each).volumeMm3(each);
  const others = solid.parts.reduce((total, each) => total + (each === part ? 0 : volumeOf(each)), 0);
  const wantedMm3 = (volumeCm3 * MM3_PER_CM3 - others) / ((part.sign ?? 1) * (part.count ?? 1));
  const size = findRoot((x) => shapeOf(part).volumeMm3(withSize(x)) - wantedMm3, 0, LARGEST_MM);
  if (size === null || (size === 0 && !vary.field.endsWith('DiameterMm'))) return outOfReach;
  const parts = solid.parts.map((each) => (each === part ? withSize(size) : each));
  return finish(size, { parts });
}
