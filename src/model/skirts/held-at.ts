import type { StrandBin } from '@/records/bin';
import type { Skirt } from '@/records/skirt';

type Held = Pick<Skirt, 'layers' | 'collar'>;
type LongOf = (layer: Skirt['layers'][number]) => Pick<StrandBin, 'longMm'> | null;

/** So near the end of a strand nobody cut it, mm. */
const UNCUT_MM = 1;

/**
 * What is left of a strand behind the collar, mm: it is held at a share of its length, and the long side lies back.
 *
 * @example longSideMm(120, 1 / 3) // 80
 */
export function longSideMm(longMm: number, atShare: number): number {
  return Math.round(longMm * (1 - atShare));
}

/**
 * What is left of a strand on the head's side of the collar, mm.
 *
 * @example shortSideMm(120, 1 / 3) // 40
 */
export function shortSideMm(longMm: number, atShare: number): number {
  return Math.round(longMm * atShare);
}

/** The longest head side that a recipe's strands give, mm: of the shortest of them. */
export function mostHeadSideMm({ layers, collar }: Held, materialOf: LongOf): number {
  const sides = layers.flatMap((layer) => {
    const material = materialOf(layer);
    return material ? [shortSideMm(material.longMm, collar.atShare)] : [];
  });
  return sides.length > 0 ? Math.min(...sides) : 30;
}

/**
 * The recipe held elsewhere along its strands: what was not cut is what is left, what was cut stays as it is as far as the
 * strands still reach.
 *
 * @example heldAt(recipe, 0.5, materialOf).layers[0].lengthMm // 60, of 80 mm at a third
 */
export function heldAt<Recipe extends Held>(recipe: Recipe, atShare: number, materialOf: LongOf): Recipe {
  const before = recipe.collar.atShare;
  const layers = recipe.layers.map((layer) => {
    const material = materialOf(layer);
    if (!material) return layer;
    const [was, is] = [longSideMm(material.longMm, before), longSideMm(material.longMm, atShare)];
    const isUncut = !layer.isShort && layer.lengthMm >= was - UNCUT_MM;
    return { ...layer, lengthMm: isUncut ? is : Math.min(layer.lengthMm, is) };
  });
  const moved = { ...recipe, layers, collar: { ...recipe.collar, atShare } };
  const isHeadUncut = recipe.collar.headSideMm >= mostHeadSideMm(recipe, materialOf) - UNCUT_MM;
  const most = mostHeadSideMm(moved, materialOf);
  const headSideMm = isHeadUncut ? most : Math.min(recipe.collar.headSideMm, most);
  return { ...moved, collar: { ...moved.collar, headSideMm } };
}
