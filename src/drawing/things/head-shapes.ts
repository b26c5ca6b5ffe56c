import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { findStyle } from '@/core/cavities/styles';
import { headView } from '../head-view';
import type { DrawnPart, ThingShape } from './part-shapes';

/** Of what a drawn head is taken to be where nobody said, g/cm3. */
const ABOUT_GCM3 = 11;

/**
 * A head on its hook from the side, to scale.
 *
 * @example headShapes('round', 7, hook).shapes.length // 4
 */
export function headShapes(style: string, massG: number, hook: HookDimensions | null): DrawnPart {
  const known = findStyle(style);
  if (!known) return { shapes: [], box: [0, 0, 1, 1] };
  const view = headView(known, massG / ABOUT_GCM3, hook);
  const drawn = view.hook;
  const wires: ThingShape[] = drawn
    ? [drawn.wire, drawn.barb].map((d) => ({ d, is: 'wire', strokeMm: drawn.wireMm, at: [drawn.x, 0] }))
    : [];
  const eye = drawn?.eye;
  const ring: ThingShape[] = eye
    ? [
        {
          d: `M${eye.x - eye.r} ${eye.y}a${eye.r} ${eye.r} 0 1 1 ${2 * eye.r} 0a${eye.r} ${eye.r} 0 1 1 ${-2 * eye.r} 0Z`,
          is: 'wire',
          strokeMm: drawn.wireMm,
          at: [drawn.x, 0],
        },
      ]
    : [];
  return { shapes: [...wires, ...ring, { d: view.body, is: 'body' }], box: view.viewBox };
}
