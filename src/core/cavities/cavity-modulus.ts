import { oncePer } from '../numeric/once-per';
import { loftModulus } from '../solids/loft-modulus';
import { shapeCavity } from './shape-cavity';
import { findStyle } from './styles';
import type { HeadStyle } from './styles/definition';

export interface ModulusCavity {
  readonly style: string;
  readonly volumeCm3: number;
  /** Its own shape, from the nose: how far along the axis, how far from it, mm; null where the style's stands for it. */
  readonly outline: {
    readonly section: 'round' | 'square' | 'half';
    readonly depth: number;
    readonly points: readonly (readonly [alongMm: number, offMm: number])[];
  } | null;
}

type Outline = NonNullable<ModulusCavity['outline']>;

// Pages ask for every cavity at every change: a shape is measured once.
const outlineModulus = oncePer(({ section, depth, points }: Outline) =>
  loftModulus({ section, depth, profile: points.map(([along, r]) => [r, along] as const) }),
);

/** Of a style's body of 1 cm3. A body of its form goes with the cube root of its volume, as every length of it. */
const unitModulus = oncePer((style: HeadStyle) => {
  const { outlineMm: points } = shapeCavity(style, 1);
  return outlineModulus({ section: 'round', depth: style.depth, points });
});

/**
 * A cavity's modulus, volume over area in mm, from its own outline or its style's scaled to its volume; null where
 * neither is known.
 *
 * @example cavityModulus({ style: 'ball', volumeCm3: 4.18879, outline: null }) // 3.33, a ball of 20 mm
 */
export function cavityModulus({ style: key, volumeCm3, outline }: ModulusCavity): number | null {
  if (outline) return outlineModulus(outline);
  const style = findStyle(key);
  return style ? unitModulus(style) * Math.cbrt(volumeCm3) : null;
}
