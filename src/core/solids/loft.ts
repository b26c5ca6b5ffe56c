/** A point of a profile: how far from the axis, how far up it, mm. */
export type ProfilePoint = readonly [rMm: number, zMm: number];

/**
 * What a section across the axis looks like where the profile is `r` from it: `round`, an ellipse `depth` times as
 * wide as r; `square`, a rectangle of half sides r and depth r; `half`, the upper half of the ellipse, flat below.
 */
export type LoftSection = 'round' | 'square' | 'half';

/** A body by its sections along an axis: every shape can be told this way, for drawings and meshes. */
export interface Loft {
  readonly section: LoftSection;
  readonly depth: number;
  /** From the bottom up; z never falls. */
  readonly profile: readonly ProfilePoint[];
}

/** Area of a section of unit profile radius and unit depth. */
const SECTION_AREAS: Readonly<Record<LoftSection, number>> = { round: Math.PI, square: 4, half: Math.PI / 2 };

/**
 * Volume in mm3 and first moment about z = 0 in mm4 of a loft. Between two profile points the radius runs straight,
 * so the section's area runs as its square: dV = k dz (a2 + ab + b2)/3.
 *
 * @example loftMoments({ section: 'round', depth: 1, profile: [[1, 0], [1, 2]] }) // { volumeMm3: 2 pi, momentMm4: 2 pi }
 */
export function loftMoments({ section, depth, profile }: Loft): { volumeMm3: number; momentMm4: number } {
  const areaOfUnit = SECTION_AREAS[section] * depth;
  let volumeMm3 = 0;
  let momentMm4 = 0;
  for (let index = 1; index < profile.length; index += 1) {
    const [a, bottom] = profile[index - 1] ?? [0, 0];
    const [b, top] = profile[index] ?? [0, 0];
    const rise = top - bottom;
    const slice = (areaOfUnit * rise * (a * a + a * b + b * b)) / 3;
    volumeMm3 += slice;
    momentMm4 += slice * bottom + (areaOfUnit * rise * rise * (a * a + 2 * a * b + 3 * b * b)) / 12;
  }
  return { volumeMm3, momentMm4 };
}
