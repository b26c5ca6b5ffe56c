import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { shapeOf, type Solid } from './solid';

export interface SolidMeasure {
  readonly volumeCm3: number;
  /** Center of volume along the axis, mm. */
  readonly centroidZMm: number;
}

const MM3_PER_CM3 = 1000;

/**
 * Net volume in cm3 and center of volume in mm along the axis of a solid: parts add, cuts take away.
 *
 * Problems: `solid.nothing` where no volume is left; `solid.profile-falls` where a profile's z falls.
 *
 * @example measureSolid({ parts: [{ shape: 'box', xMm: 10, yMm: 10, zSizeMm: 10 }] }).value
 * // { volumeCm3: 1, centroidZMm: 5 }
 */
export function measureSolid(solid: Solid): Outcome<SolidMeasure> {
  for (const [index, part] of solid.parts.entries()) {
    const profile = 'profile' in part ? part.profile : [];
    const point = profile.findIndex(([, z], at) => at > 0 && z < (profile[at - 1]?.[1] ?? z));
    if (point > 0) return fail('solid.profile-falls', { point }, ['solid', 'parts', index, 'profile', point]);
  }
  const pieces = solid.parts.map((part) => {
    const shape = shapeOf(part);
    const volumeMm3 = (part.sign ?? 1) * (part.count ?? 1) * shape.volumeMm3(part);
    return { volumeMm3, momentMm4: volumeMm3 * ((part.zMm ?? 0) + shape.centroidMm(part)) };
  });
  const volumeMm3 = sum(pieces.map((piece) => piece.volumeMm3));
  if (!(volumeMm3 > 0)) return fail('solid.nothing', { volumeCm3: volumeMm3 / MM3_PER_CM3 }, ['solid']);
  return done({
    volumeCm3: volumeMm3 / MM3_PER_CM3,
    centroidZMm: sum(pieces.map((piece) => piece.momentMm4)) / volumeMm3,
  });
}
