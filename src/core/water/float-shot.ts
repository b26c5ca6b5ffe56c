import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

export interface FloatQuestion {
  readonly floatVolumeCm3: number;
  readonly floatMassG: number;
  /** What of it is to stand out of the water, cm3. */
  readonly standsOutCm3?: number | undefined;
  /** What hangs under it besides shot. */
  readonly carried: readonly {
    readonly massG: number;
    readonly volumeCm3: number;
    readonly count?: number | undefined;
  }[];
  readonly shotGcm3?: number | undefined;
  readonly waterGcm3?: number | undefined;
}

export interface FloatShot {
  /** Shot that it carries with nothing else under it, g. */
  readonly capacityG: number;
  /** Shot that is still wanted with what it carries, g; under 0 it carries too much. */
  readonly leftG: number;
}

const LEAD_GCM3 = 11.34;

/**
 * How much shot a float takes until it stands as wanted, with what already hangs under it: its lift less the weight in water
 * of what it carries, over the share of a shot's weight that is left in water.
 *
 * Problems: `float.no-lift`; `float.shot-floats` where shot is no denser than the water.
 *
 * Source: Archimedes.
 *
 * @example floatShot({ floatVolumeCm3: 4, floatMassG: 1, standsOutCm3: 0.5, carried: [] }).value.capacityG // 2.74
 */
export function floatShot(question: FloatQuestion): Outcome<FloatShot> {
  const { floatVolumeCm3, floatMassG, standsOutCm3 = 0, carried } = question;
  const { shotGcm3 = LEAD_GCM3, waterGcm3 = 1 } = question;
  if (shotGcm3 <= waterGcm3) return fail('float.shot-floats', { shotGcm3, waterGcm3 }, ['shotGcm3']);
  const liftG = waterGcm3 * (floatVolumeCm3 - standsOutCm3) - floatMassG;
  if (!(liftG > 0)) return fail('float.no-lift', { liftG }, ['floatMassG']);
  const share = 1 - waterGcm3 / shotGcm3;
  const hangsG = sum(
    carried.map(({ massG, volumeCm3, count = 1 }) => count * (massG - waterGcm3 * volumeCm3)),
  );
  return done({ capacityG: liftG / share, leftG: (liftG - hangsG) / share });
}
