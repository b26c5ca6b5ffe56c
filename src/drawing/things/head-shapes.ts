import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { findStyle } from '@/core/cavities/styles';
import { headView } from '../head-view';
import { placedHook } from './hook-shapes';
import type { DrawnPart } from './part-shapes';

/** Of what a drawn head is taken to be where nobody said, g/cm3. */
const ABOUT_GCM3 = 11;

/**
 * A head on its hook from the side, to scale.
 *
 * @example headShapes('round', 7, hook).shapes.length // 3
 */
export function headShapes(style: string, massG: number, hook: HookDimensions | null): DrawnPart {
  const known = findStyle(style);
  if (!known) return { shapes: [], box: [0, 0, 1, 1] };
  const view = headView(known, massG / ABOUT_GCM3, hook);
  const hooked = view.hook ? placedHook(view.hook) : [];
  return { shapes: [...hooked, { d: view.body, is: 'body' }], box: view.viewBox };
}
