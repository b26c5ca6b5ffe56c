import { differenceCiede2000 } from 'culori';
import { lightness } from '../coats/color/lightness';
import type { SkirtPlace } from './skirt-layer';

export interface SeenColor {
  readonly hex: string;
  /** Of the picture. */
  readonly share: number;
}

export interface ProposedLayer {
  readonly material: string;
  /** In quarter tabs. */
  readonly tabs: number;
  readonly place: SkirtPlace;
  readonly isShort: boolean;
  /** How far its color is from what was seen (CIEDE2000). */
  readonly deltaE: number;
}

const QUARTER = 0.25;
/** A color of less than this is an accent: a quarter tab, cut short. */
const ACCENT_SHARE = 0.08;
const difference = differenceCiede2000();

/**
 * A recipe from the colors of a picture: each color goes to the material nearest to it, in quarter tabs by its share;
 * the darkest on top, the lightest below, others all round; a spot of color short at the collar. Colors that come to one
 * material are one layer. Empty where there is no material.
 *
 * @example proposeLayers([{ hex: '#203020', share: 0.5 }, { hex: '#e0e0c0', share: 0.5 }], materials, 2)
 * // the dark one on top, 1 tab; the light one below, 1 tab
 */
export function proposeLayers(
  colors: readonly SeenColor[],
  materials: readonly { readonly id: string; readonly hex: string }[],
  tabs: number,
): ProposedLayer[] {
  const taken = new Map<string, { share: number; deltaE: number; hex: string }>();
  for (const { hex, share } of colors) {
    const nearest = materials
      .map(({ id, hex: of }) => ({ id, of, deltaE: difference(hex, of) }))
      .sort((a, b) => a.deltaE - b.deltaE || a.id.localeCompare(b.id))[0];
    if (!nearest) return [];
    const before = taken.get(nearest.id);
    taken.set(nearest.id, {
      share: (before?.share ?? 0) + share,
      deltaE: Math.min(before?.deltaE ?? Infinity, nearest.deltaE),
      hex: nearest.of,
    });
  }
  const found = [...taken].map(([material, facts]) => ({ material, ...facts }));
  const whole = found.reduce((so, { share }) => so + share, 0);
  const main = found.filter(({ share }) => share / whole >= ACCENT_SHARE);
  const byLight = [...main].sort((a, b) => lightness(a.hex) - lightness(b.hex));
  const [darkest, lightest] = [byLight[0], byLight.at(-1)];
  return found
    .sort((a, b) => b.share - a.share)
    .map(({ material, share, deltaE }) => {
      const isShort = share / whole < ACCENT_SHARE;
      const amount = Math.max(QUARTER, Math.round((share / whole) * tabs * 4) / 4);
      const at =
        isShort || main.length === 1
          ? 'round'
          : material === darkest?.material
            ? 'top'
            : material === lightest?.material
              ? 'below'
              : 'round';
      return { material, tabs: isShort ? QUARTER : amount, place: { at }, isShort, deltaE };
    });
}
