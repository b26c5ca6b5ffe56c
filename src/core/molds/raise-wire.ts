import type { HookDimensions } from '../cavities/guess-hook-mass';
import { along } from './cut-parts';
import type { GatePoint } from './gate-run';
import { hookLine } from './hook-line';
import { atKernel, trianglesOf } from './kernel';

const [EYE_STEPS, BEND_STEPS] = [20, 24];
/** The point is as thin as this share of the wire. */
const POINT = 0.15;

/**
 * A hook as its wire: shank, bend, a point that gets thin, and the ring of its eye, in the plane y = 0.
 *
 * @example (await raiseWire({ wireMm: 1.1, shankMm: 31, gapeMm: 12 }, { eyeMm: 4, topMm: 6 })).length % 9 // 0
 */
export function raiseWire(
  hook: HookDimensions,
  { eyeMm, topMm }: { readonly eyeMm: number; readonly topMm: number },
): Promise<Float32Array> {
  return atKernel((bench) => {
    const { kernel, keep } = bench;
    const radiusMm = hook.wireMm / 2;
    const rise = topMm + 2 * hook.wireMm;
    const line = hookLine(hook, eyeMm, rise, BEND_STEPS);
    const wire = line.map(([xMm, zMm], nth): GatePoint => ({
      xMm,
      zMm,
      radiusMm: nth === line.length - 1 ? radiusMm * POINT : radiusMm,
    }));
    const ring = 1.6 * hook.wireMm;
    const eye = Array.from({ length: EYE_STEPS + 1 }, (_, step): GatePoint => {
      const turn = -Math.PI / 2 + (2 * Math.PI * step) / EYE_STEPS;
      return { xMm: eyeMm + ring * Math.cos(turn), zMm: rise + ring + ring * Math.sin(turn), radiusMm };
    });
    return trianglesOf(keep(kernel.Manifold.union([along(bench, wire), along(bench, eye)])));
  });
}
