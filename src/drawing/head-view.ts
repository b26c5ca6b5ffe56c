import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { shapeCavity } from '@/core/cavities/shape-cavity';
import type { HeadStyle } from '@/core/cavities/styles/definition';
import { hookPath, type PlacedHook } from './hook/hook-path';
import { outlinePath } from './outline-path';

export interface HeadView {
  readonly body: string;
  /** What holds the body alone, mm. */
  readonly bodyBox: {
    readonly x: number;
    readonly y: number;
    readonly width: number;
    readonly height: number;
  };
  readonly hook: PlacedHook | null;
  /** x, y, width and height that hold all of it, mm. */
  readonly viewBox: readonly [number, number, number, number];
}

const MARGIN_MM = 1.5;

/**
 * A head on its hook from the side, to scale in mm: nose at the origin, the axis along x.
 *
 * @example headView(round, 1, null).viewBox // holds a ball of some 12 mm
 */
export function headView(style: HeadStyle, volumeCm3: number, dimensions: HookDimensions | null): HeadView {
  const shape = shapeCavity(style, volumeCm3);
  const hook = dimensions && {
    ...hookPath(dimensions, shape.radiusMm),
    x: shape.eyeMm,
    wireMm: dimensions.wireMm,
  };
  const left = Math.min(0, hook ? hook.x + hook.eye.x - hook.eye.r : 0) - MARGIN_MM;
  const right = Math.max(shape.lengthMm, hook ? hook.x + hook.reachMm : 0) + MARGIN_MM;
  const top =
    -Math.max(
      shape.radiusMm,
      hook ? hook.eye.r - hook.eye.y : 0,
      dimensions ? dimensions.gapeMm + dimensions.wireMm : 0,
    ) - MARGIN_MM;
  const bottom = shape.radiusMm + MARGIN_MM;
  const bodyBox = { x: 0, y: -shape.radiusMm, width: shape.lengthMm, height: 2 * shape.radiusMm };
  return {
    body: outlinePath(shape.outlineMm),
    bodyBox,
    hook,
    viewBox: [left, top, right - left, bottom - top],
  };
}
