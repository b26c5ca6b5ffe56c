import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { eyedHook, hookPath, type HookPattern, type PlacedHook } from '../hook/hook-path';
import type { DrawnPart, ThingShape } from './part-shapes';

/** How far the eye of a hook that is cast in stands off its shank, in gapes. */
const RISE_GAPES = 0.3;

/** A hook where it stands: its wire and eye, then its point. */
export function placedHook({ wire, ring, needle, barb, x, wireMm }: PlacedHook): ThingShape[] {
  return [
    { d: wire + ring, is: 'wire', strokeMm: wireMm, at: [x, 0] },
    { d: needle + barb, is: 'point', at: [x, 0] },
  ];
}

/**
 * A hook by itself, bent as its kind is: with its eye up where it is cast in, else in line.
 *
 * @example hookThing({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 'sickle', true).shapes.length // 2
 */
export function hookThing(hook: HookDimensions, pattern: HookPattern, isCastIn: boolean): DrawnPart {
  const { wireMm, gapeMm } = hook;
  const drawn = isCastIn
    ? hookPath(hook, gapeMm * RISE_GAPES, pattern)
    : eyedHook(hook, wireMm * 1.4, pattern);
  const left = drawn.eye.x - drawn.eye.r - wireMm / 2;
  const top = Math.min(drawn.eye.y - drawn.eye.r, -gapeMm * 1.06) - wireMm;
  return {
    shapes: placedHook({ ...drawn, x: 0, wireMm }),
    box: [left, top, drawn.reachMm - left, 2 * wireMm + gapeMm * 0.05 - top],
  };
}
