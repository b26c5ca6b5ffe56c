import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

/** What goes into a cup: so much of it by weight, or by measure. */
export type PlasticPart = { readonly densityGcm3: number } & (
  | { readonly massG: number }
  | { readonly volumeCm3: number }
);

export interface PlasticDensity {
  readonly densityGcm3: number;
  /** How much a piece is lifted by the water, g; under 0 it sinks. */
  readonly liftG: number;
}

/**
 * How dense a mix of plastic, softener, hardener, salt and glitter is, and how much water lifts a piece of it: volumes add.
 * Something of volume must be in it.
 *
 * Problem: `plastic.nothing-in-it`.
 *
 * @example plasticDensity([{ densityGcm3: 1.02, volumeCm3: 100 }, { densityGcm3: 2.16, massG: 40 }], 5).value.densityGcm3 // 1.20
 */
export function plasticDensity(
  parts: readonly PlasticPart[],
  pieceCm3: number,
  waterGcm3 = 1,
): Outcome<PlasticDensity> {
  const massOf = (part: PlasticPart) => ('massG' in part ? part.massG : part.volumeCm3 * part.densityGcm3);
  const massG = sum(parts.map(massOf));
  const volumeCm3 = sum(parts.map((part) => massOf(part) / part.densityGcm3));
  if (!(volumeCm3 > 0)) return fail('plastic.nothing-in-it', {}, ['parts']);
  const densityGcm3 = massG / volumeCm3;
  return done({ densityGcm3, liftG: pieceCm3 * (waterGcm3 - densityGcm3) });
}
