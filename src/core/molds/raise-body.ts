import type { Solid } from '../solids/solid';
import { atKernel, trianglesOf } from './kernel';
import { raiseSolid } from './raise-solid';

/**
 * A solid as a closed mesh laid along x from its foot. `around` is how many corners a full round has.
 *
 * @example (await raiseBody({ parts: [{ shape: 'sphere', diameterMm: 12 }] }, 48)).length % 9 // 0
 */
export function raiseBody(solid: Solid, around: number): Promise<Float32Array> {
  return atKernel((bench) => trianglesOf(bench.keep(raiseSolid(bench, solid, around).rotate([0, 90, 0]))));
}
