import { dragFromFall, fallOnLine } from '@/core/water/fall-on-line';
import type { Outcome } from '@/core/problems/problem';
import { done } from '@/core/problems/problem';

/** What falls to the bottom, and on what line. */
export interface FallQuestion {
  readonly depthM: number;
  readonly lineMm: number;
  readonly metalGcm3: number;
}

/** A drop that somebody timed: what it weighed, and how long it fell to that depth. */
export interface TimedDrop {
  readonly massG: number;
  readonly seconds: number;
}

/** A ball at the speeds of a sinking lure, in fresh water of 15 C. */
const BALL_DRAG = 0.47;
const WATER_GCM3 = 0.9991;

/** A ball of a weight, as it falls. */
function ballOf(massG: number, metalGcm3: number) {
  const volumeCm3 = massG / metalGcm3;
  const frontalCm2 = (Math.PI / 4) * Math.cbrt((6 * volumeCm3) / Math.PI) ** 2;
  return { massG, volumeCm3, frontalCm2, waterGcm3: WATER_GCM3 };
}

/**
 * How much its shape and dressing hold a bait back, as a drag coefficient on the ball of its weight: a bare ball’s, or what a
 * timed drop tells.
 *
 * Problems: those of `dragFromFall`.
 *
 * @example dragOf({ depthM: 3, lineMm: 0.25, metalGcm3: 11.1 }, null).value // 0.47
 */
export function dragOf(
  { depthM, lineMm, metalGcm3 }: FallQuestion,
  timed: TimedDrop | null,
): Outcome<number> {
  if (!timed) return done(BALL_DRAG);
  const { frontalCm2, ...ball } = ballOf(timed.massG, metalGcm3);
  const found = dragFromFall({ ...ball, lineMm, depthM }, timed.seconds);
  return found.ok ? done(found.value / frontalCm2) : found;
}

/**
 * Seconds to the bottom of a weight on its line; null where it floats.
 *
 * @example secondsDown(10, { depthM: 6, lineMm: 0.25, metalGcm3: 11.34 }, 0.47) // 3.1
 */
export function secondsDown(
  massG: number,
  { depthM, lineMm, metalGcm3 }: FallQuestion,
  drag: number,
): number | null {
  const { frontalCm2, ...ball } = ballOf(massG, metalGcm3);
  const fall = fallOnLine({ ...ball, lineMm, depthM }, drag * frontalCm2);
  return fall.ok ? fall.value.seconds : null;
}
