import { done, fail, type Outcome } from '../problems/problem';
import { MASS_KG_PER_G, AREA_M2_PER_CM2 } from './lumped';

export interface HeatTrial {
  readonly massG: number;
  readonly specificHeatJkgK: number;
  readonly areaCm2: number;
  readonly sourceC: number;
  readonly startC: number;
  readonly targetC: number;
  /** From the start to the target, over 0. */
  readonly seconds: number;
}

/**
 * The heat transfer of a source from one timed trial, W/(m2 K): `heat.time` the other way round,
 * h = m c / (A t) ln((Tsource - Tstart) / (Tsource - Ttarget)). Temperatures in C, seconds over 0.
 *
 * Problems: `heat.no-change` where start and target are the same; `heat.already-passed` and `heat.never-reached` as
 * in `heatTime`.
 *
 * @example
 * // 10 g of lead, 4 cm2, from 20 to 200 C in 230 C took 104.59 s
 * calibrateHeat({ massG: 10, specificHeatJkgK: 129, areaCm2: 4, sourceC: 230, startC: 20, targetC: 200, seconds: 104.59 })
 * // hWm2K 60.0
 */
export function calibrateHeat(trial: HeatTrial): Outcome<{ readonly hWm2K: number }> {
  const { massG, specificHeatJkgK, areaCm2, sourceC, startC, targetC, seconds } = trial;
  const facts = { sourceC, startC, targetC };
  const driven = sourceC - startC;
  const asked = targetC - startC;
  if (asked === 0) return fail('heat.no-change', facts, ['targetC']);
  if (driven * asked < 0) return fail('heat.already-passed', facts, ['targetC']);
  if (Math.abs(driven) <= Math.abs(asked)) return fail('heat.never-reached', facts, ['sourceC']);
  const heatJK = massG * MASS_KG_PER_G * specificHeatJkgK;
  const hWm2K = (heatJK / (areaCm2 * AREA_M2_PER_CM2 * seconds)) * Math.log(driven / (sourceC - targetC));
  return done({ hWm2K });
}
