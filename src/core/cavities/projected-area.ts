import { shapeCavity } from './shape-cavity';
import { findStyle } from './styles';
import type { OutlinePoint } from './styles/definition';
import type { ModulusCavity } from './cavity-modulus';

const MM2_PER_CM2 = 100;

/**
 * What a cavity shows to the parting plane, cm2: its outline both sides of the axis, in its own shape or its style's scaled
 * to its volume; null where neither is known.
 *
 * @example projectedCm2({ style: 'ball', volumeCm3: 4.18879, outline: null }) // 3.14, a ball of 20 mm
 */
export function projectedCm2({ style: key, volumeCm3, outline }: ModulusCavity): number | null {
  const style = findStyle(key);
  const points = outline?.points ?? (style ? shapeCavity(style, volumeCm3).outlineMm : null);
  return points && (2 * under(points)) / MM2_PER_CM2;
}

/** What lies between the axis and an outline, mm2. */
function under(points: readonly OutlinePoint[]): number {
  return points.slice(1).reduce((total, [along, off], index) => {
    const [before, offBefore] = points[index] ?? [along, off];
    return total + ((along - before) * (off + offBefore)) / 2;
  }, 0);
}
