import { loftModulus } from '../solids/loft-modulus';
import { shapeCavity } from './shape-cavity';
import { findStyle } from './styles';

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

/**
 * A cavity's modulus, volume over area in mm, from its own outline or its style's scaled to its volume; null where
 * neither is known.
 *
 * @example cavityModulus({ style: 'ball', volumeCm3: 4.18879, outline: null }) // 3.33, a ball of 20 mm
 */
export function cavityModulus({ style: key, volumeCm3, outline }: ModulusCavity): number | null {
  if (outline) {
    const { section, depth, points } = outline;
    return loftModulus({ section, depth, profile: points.map(([along, r]) => [r, along] as const) });
  }
  const style = findStyle(key);
  if (!style) return null;
  const { outlineMm } = shapeCavity(style, volumeCm3);
  return loftModulus({
    section: 'round',
    depth: style.depth,
    profile: outlineMm.map(([along, r]) => [r, along] as const),
  });
}
