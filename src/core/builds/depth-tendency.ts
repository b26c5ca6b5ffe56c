/** How a build runs beside others wound alike: by how fast it must go to stay up. */
export type DepthTendency = 'rides high' | 'runs middling' | 'runs deep';

/** Slowest speeds, m/s, under and over which a build is high or deep; estimates for comparing. */
const HIGH_UNDER = 0.75;
const DEEP_OVER = 1.05;

/**
 * Short arms and big blades ride slow and high; slim blades and much lead run fast and deep.
 *
 * @example depthTendency(0.6) // 'rides high'
 */
export function depthTendency(slowestMs: number): DepthTendency {
  if (slowestMs < HIGH_UNDER) return 'rides high';
  return slowestMs > DEEP_OVER ? 'runs deep' : 'runs middling';
}
