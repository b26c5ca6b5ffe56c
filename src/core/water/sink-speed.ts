import { GRAVITY } from '../units/gravity';
import { done, fail, type Outcome } from '../problems/problem';

const GRAMS_PER_KG = 1000;
const CM2_PER_M2 = 10_000;
const KG_M3_PER_G_CM3 = 1000;

export interface SinkingBody {
  readonly massG: number;
  readonly volumeCm3: number;
  readonly frontalCm2: number;
  /** Of the shape in its fall, such as 0.47 for a ball. */
  readonly dragCoefficient: number;
  readonly waterGcm3: number;
}

/**
 * The steady fall of a body through water in m/s, where its weight in water equals its drag:
 * v = sqrt(2 (m - rho V) g / (rho A Cd)).
 *
 * Problem: `water.floats` where it is no heavier than the water it displaces.
 *
 * @example
 * // a lead ball of 10 g and 0.882 cm3, 1.11 cm2 across
 * sinkSpeed({ massG: 10, volumeCm3: 0.882, frontalCm2: 1.11, dragCoefficient: 0.47, waterGcm3: 1 }).value // 1.85...
 */
export function sinkSpeed(body: SinkingBody): Outcome<number> {
  const { massG, volumeCm3, frontalCm2, dragCoefficient, waterGcm3 } = body;
  const displacedG = waterGcm3 * volumeCm3;
  if (massG <= displacedG) return fail('water.floats', { massG, displacedG }, ['massG']);
  const pullN = ((massG - displacedG) / GRAMS_PER_KG) * GRAVITY;
  const dragPerSquare = waterGcm3 * KG_M3_PER_G_CM3 * (frontalCm2 / CM2_PER_M2) * dragCoefficient;
  return done(Math.sqrt((2 * pullN) / dragPerSquare));
}
