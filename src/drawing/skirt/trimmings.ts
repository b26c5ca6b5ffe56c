import type { HeadView } from '../head-view';
import { pathPoint, type CollarPlace } from './drawn-strand';

const FIBERS = 9;

/**
 * The fibers of a guard from its hole behind the eye up over the hook's point, mm; none on a head without a hook.
 *
 * @example guardFibers(head).length // 9
 */
export function guardFibers({ bodyBox, hook }: HeadView): string[] {
  if (!hook) return [];
  const root = [bodyBox.width * 0.72, bodyBox.y * 0.62] as const;
  const reach = hook.x + hook.reachMm;
  const rise = bodyBox.y * 1.35 - 5;
  return Array.from({ length: FIBERS }, (_, nth) => {
    const spread = (nth / (FIBERS - 1) - 0.5) * 5;
    const tip = [reach * 0.8 + spread * 0.4, rise + spread] as const;
    return `M${pathPoint(root)}Q${pathPoint([root[0] + reach * 0.18, rise * 0.92 + spread * 0.4])} ${pathPoint(tip)}`;
  });
}

/** How long a trailer shows behind the bend, mm. */
const TRAILER_MM = 44;

/**
 * A soft trailer threaded up the hook: its body along the shank, a tail that curls behind the bend.
 *
 * @example trailerPath(30, 3) // 'M...Z'
 */
export function trailerPath(fromX: number, thickMm: number): string {
  const half = thickMm / 2;
  const tail = fromX + TRAILER_MM;
  return [
    `M${pathPoint([fromX, -half])}`,
    `C${pathPoint([fromX + 14, -half * 1.5])} ${pathPoint([tail - 16, -half])} ${pathPoint([tail - 8, -half * 0.5])}`,
    `C${pathPoint([tail, half * 0.4])} ${pathPoint([tail + 7, half * 1.8])} ${pathPoint([tail + 2, half * 3.4])}`,
    `C${pathPoint([tail + 3, half * 2.2])} ${pathPoint([tail - 3, half * 1.4])} ${pathPoint([tail - 9, half * 0.9])}`,
    `C${pathPoint([tail - 18, half * 1.3])} ${pathPoint([fromX + 14, half * 1.7])} ${pathPoint([fromX, half])}Z`,
  ].join('');
}

/**
 * The dark between the strands of a skirt laid back: all that they could cover, from one edge to the other.
 *
 * @example shadePath(collar, 60) // 'M...Z'
 */
export function shadePath({ xMm, diameterMm }: CollarPlace, lengthMm: number): string {
  const [root, high] = [diameterMm / 2, (Math.PI * diameterMm) / 4];
  const end = xMm + lengthMm * 0.94;
  const droop = lengthMm * 0.045;
  return [
    `M${pathPoint([xMm, -root])}`,
    `C${pathPoint([xMm + lengthMm / 3, -high * 0.98])} ${pathPoint([xMm + (2 * lengthMm) / 3, -high * 0.9 + droop * 0.3])} ${pathPoint([end, -high * 0.8 + droop])}`,
    `L${pathPoint([end, high * 0.8 + droop])}`,
    `C${pathPoint([xMm + (2 * lengthMm) / 3, high * 0.9 + droop * 0.3])} ${pathPoint([xMm + lengthMm / 3, high * 0.98])} ${pathPoint([xMm, root])}Z`,
  ].join('');
}
