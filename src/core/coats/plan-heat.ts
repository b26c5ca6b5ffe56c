import { dipWindow } from '../heat/dip-window';
import { heatTime } from '../heat/heat-time';
import type { LumpedPiece } from '../heat/lumped';
import { done, fail, type Outcome } from '../problems/problem';
import { SOLIDUS_MARGIN_C } from './check-cure';
import type { HeadPiece } from './head-piece';
import type { CoatWay } from './ways/definition';

export interface HeatFacts {
  readonly piece: HeadPiece;
  readonly way: Pick<CoatWay, 'overFuseC' | 'coolingWm2K'>;
  /** The source's own temperature and how well it passes heat on. */
  readonly sourceC: number;
  readonly hWm2K: number;
  readonly ambientC: number;
  /** The powder sticks and melts from here on, C. */
  readonly fuseC: number;
  readonly solidusC: number;
}

export interface HeatPlan {
  /** Aimed at when it leaves the heat, C. */
  readonly releaseC: number;
  /** In the heat until then, s. */
  readonly heatS: number;
  /** In the heat until powder sticks at all, s. */
  readonly stickS: number;
  /** In the heat until it goes soft, s; null where this source never brings it there. */
  readonly softenS: number | null;
  readonly softenC: number;
  /** After leaving the heat, how long powder still fuses, s. */
  readonly windowS: number;
  /** The skin may be hotter than the middle: one temperature is not good enough. */
  readonly isThick: boolean;
}

/** A head is taken out so far under where it goes soft, where the usual aim would be nearer, C. */
const KEEP_UNDER_C = 5;

/**
 * How long a head is to be heated, and for how long it can then be dipped. The aim is so far over the powder's fuse
 * temperature as the way asks, but never within 5 C of where the metal goes soft (25 C under its solidus).
 *
 * Problems: `coat.softens-first` where the metal goes soft before the powder fuses; `heat.never-reached` where the
 * source is too cold for it.
 *
 * @example planHeat(facts).value // { releaseC: 190, heatS: 26, stickS: 14, softenS: 34, windowS: 98, ... }
 */
export function planHeat(facts: HeatFacts): Outcome<HeatPlan> {
  const { piece, way, sourceC, hWm2K, ambientC, fuseC, solidusC } = facts;
  const softenC = solidusC - SOLIDUS_MARGIN_C;
  if (softenC - KEEP_UNDER_C <= fuseC) return fail('coat.softens-first', { softenC, fuseC, solidusC });
  const inSource: LumpedPiece = { ...piece, hWm2K };
  const releaseC = Math.min(fuseC + way.overFuseC, softenC - KEEP_UNDER_C);
  const until = (targetC: number) =>
    heatTime({ ...inSource, sourceC, startC: ambientC, targetC, thicknessMm: piece.thicknessMm });
  const aim = until(releaseC);
  if (!aim.ok) return aim;
  const stick = until(fuseC);
  if (!stick.ok) return stick;
  const soft = until(softenC);
  const window = dipWindow({ ...piece, hWm2K: way.coolingWm2K, ambientC, releaseC, fuseC });
  if (!window.ok) return window;
  return done({
    releaseC,
    heatS: aim.value.seconds,
    stickS: stick.value.seconds,
    softenS: soft.ok ? soft.value.seconds : null,
    softenC,
    windowS: window.value.seconds,
    isThick: aim.value.lumpedValid === false,
  });
}
