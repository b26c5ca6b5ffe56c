import type { HookDimensions } from '@/core/cavities/guess-hook-mass';
import { hookEnd, hookEye, type HookEnd } from './hook-end';

export interface HookDrawing extends Pick<HookEnd, 'needle' | 'barb'> {
  /** Wire from the eye's foot round the bend to where the needle begins, mm; the shank lies on y = 0 from x = 0. */
  readonly wire: string;
  readonly eye: { readonly x: number; readonly y: number; readonly r: number };
  /** The eye's turn of wire, to be stroked like the wire; empty without an eye. */
  readonly ring: string;
  /** How far right of the eye bend it reaches, mm. */
  readonly reachMm: number;
  /** From the shank up to the point, mm. */
  readonly gapeMm: number;
}

/** Where a hook is drawn, and of what wire. */
export type PlacedHook = HookDrawing & { readonly x: number; readonly wireMm: number };

const mm = (value: number) => Number(value.toFixed(3));

/** How a hook is bent. */
export type HookPattern = 'round' | 'sickle' | 'wide' | 'circle';

/** A way drawn from the shank's end, and where its last straight piece begins and ends; in gapes from there, up is minus. */
interface Bend {
  readonly way: (to: (x: number, y: number) => string, half: number) => string;
  readonly start: readonly [number, number];
  readonly tip: readonly [number, number];
}

const BENDS: Readonly<Record<HookPattern, Bend>> = {
  round: {
    way: (to, half) => `L${to(0, 0)}A${half} ${half} 0 0 0 ${to(0, -1)}`,
    start: [0, -1],
    tip: [-0.62, -1.02],
  },
  sickle: {
    way: (to) =>
      `L${to(0, 0)}L${to(0.4, -0.3)}Q${to(0.53, -0.42)} ${to(0.44, -0.54)}L${to(0.16, -0.92)}Q${to(0.1, -1)} ${to(0, -1)}`,
    start: [0, -1],
    tip: [-0.5, -1.06],
  },
  wide: {
    way: (to) =>
      `L${to(-0.7, 0)}C${to(-0.2, 0.14)} ${to(0.5, 0.16)} ${to(0.5, -0.42)}S${to(0.3, -1)} ${to(0, -1)}`,
    start: [0, -1],
    tip: [-0.6, -1.02],
  },
  circle: {
    way: (to) =>
      `L${to(-0.1, 0)}C${to(0.36, 0.02)} ${to(0.5, -0.24)} ${to(0.5, -0.5)}S${to(0.26, -1.02)} ${to(-0.08, -1)}S${to(-0.42, -0.92)} ${to(-0.46, -0.74)}`,
    start: [-0.46, -0.74],
    tip: [-0.34, -0.36],
  },
};

/** A hook from the foot of its eye on, without what stands before that. */
function bendOf({ wireMm, shankMm, gapeMm }: HookDimensions, pattern: HookPattern) {
  const { way, start, tip } = BENDS[pattern];
  const spot = ([x, y]: readonly [number, number]) => ({ x: shankMm + x * gapeMm, y: y * gapeMm });
  const to = (x: number, y: number) => `${mm(shankMm + x * gapeMm)} ${mm(y * gapeMm)}`;
  const { needle, barb, from } = hookEnd(spot(start), spot(tip), wireMm, -1);
  return {
    way: `${way(to, mm(gapeMm / 2))}L${from.x} ${from.y}`,
    end: { needle, barb, reachMm: shankMm + gapeMm / 2 + wireMm / 2, gapeMm },
  };
}

/**
 * A hook's shank along x from the origin, its bend, and its point above, without an eye.
 *
 * @example hookBend({ wireMm: 1, shankMm: 30, gapeMm: 12 }).wire // 'M0 0L30 0A6 6 0 0 0 30 -12L...'
 */
export function hookBend(
  hook: HookDimensions,
  pattern: HookPattern = 'round',
): Pick<HookDrawing, 'wire' | 'needle' | 'barb' | 'reachMm' | 'gapeMm'> {
  const { way, end } = bendOf(hook, pattern);
  return { wire: `M0 0${way}`, ...end };
}

/**
 * A jig hook from the side, to scale: up from the shank to an eye that stands clear of a head of radius
 * `clearMm`, along the shank, round the bend, and back to the point on the eye's side.
 *
 * @example hookPath({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 5).reachMm // 36.5
 */
export function hookPath(hook: HookDimensions, clearMm: number, pattern: HookPattern = 'round'): HookDrawing {
  const { way, end } = bendOf(hook, pattern);
  const r = hook.wireMm * 1.6;
  const eye = { x: mm(-r * 0.9), y: mm(-(clearMm + r + hook.wireMm * 0.8)), r: mm(r) };
  return { wire: `M${eye.x} ${mm(eye.y + r)}L0 0${way}`, ...end, eye, ring: hookEye(eye, eye.r, 90) };
}

/**
 * A hook with its eye in line: the eye before the origin, as small hooks of baits and rigs have it.
 *
 * @example eyedHook({ wireMm: 1, shankMm: 30, gapeMm: 12 }, 1.4).eye.x // -1.4
 */
export function eyedHook(hook: HookDimensions, eyeMm: number, pattern?: HookPattern): HookDrawing {
  const eye = { x: mm(-eyeMm), y: 0, r: mm(eyeMm) };
  return { ...hookBend(hook, pattern), eye, ring: hookEye(eye, eye.r, 0) };
}
