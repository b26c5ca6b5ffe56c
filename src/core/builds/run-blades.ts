import { GRAVITY } from '../units/gravity';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { findBladeForm } from './blades';
import type { BladeFormId } from './blades/definition';

/** Standard gravity, m/s2. */
const MM2_PER_CM2 = 100;
const CM2_PER_M2 = 10_000;
const GRAMS_PER_KG = 1000;
const KG_M3_PER_G_CM3 = 1000;

export interface RunningBlade {
  readonly form: BladeFormId;
  readonly lengthMm: number;
  readonly widthMm: number;
}

export interface RunningBait {
  readonly blades: readonly RunningBlade[];
  readonly massG: number;
  readonly volumeCm3: number;
  readonly waterGcm3?: number;
  /** At which the pull is asked; at the slowest where absent. */
  readonly speedMs?: number;
  /** What the maker saw as a share of what was computed, of a build like it; 1 where nobody looked. */
  readonly seenFactor?: number;
}

export interface BladeRun {
  readonly areaCm2: number;
  /** The slowest speed at which it stays up. */
  readonly slowestMs: number;
  readonly pullN: number;
  /** Area that flashes as the blades turn: both faces, half of the time. */
  readonly flashCm2: number;
  /** How hard it beats, as the width of a round blade that beats alike, mm. */
  readonly thumpMm: number;
}

/**
 * The area of a blade in cm2 from its length and width in mm, by its form.
 *
 * @example bladeArea({ form: 'round', lengthMm: 20, widthMm: 18 }) // 2.77
 */
export function bladeArea({ form, lengthMm, widthMm }: RunningBlade): number {
  return (findBladeForm(form).areaShare * lengthMm * widthMm) / MM2_PER_CM2;
}

/**
 * How blades run, relative to each other: for comparing builds, never as a promise. Lift holds the bait's weight in water
 * at the slowest speed, v = sqrt(2 W / (rho sum(A Cl))); pull = rho v2 sum(A Cd) / 2. Coefficients are estimates by form.
 *
 * Problems: `blade.none`; `water.floats` where it needs no lift.
 *
 * @example
 * runBlades({ blades: [{ form: 'round', lengthMm: 24, widthMm: 21 }], massG: 16, volumeCm3: 2.4 }).value.slowestMs // 0.957
 */
export function runBlades(bait: RunningBait): Outcome<BladeRun> {
  const { blades, massG, volumeCm3, waterGcm3 = 1, seenFactor = 1 } = bait;
  if (blades.length === 0) return fail('blade.none', {}, ['blades']);
  const displacedG = waterGcm3 * volumeCm3;
  if (massG <= displacedG) return fail('water.floats', { massG, displacedG }, ['massG']);
  const areas = blades.map((blade) => ({ ...findBladeForm(blade.form), areaCm2: bladeArea(blade), blade }));
  const weightN = ((massG - displacedG) / GRAMS_PER_KG) * GRAVITY;
  const rho = waterGcm3 * KG_M3_PER_G_CM3;
  const lifting = sum(areas.map(({ areaCm2, liftCoefficient }) => (areaCm2 / CM2_PER_M2) * liftCoefficient));
  const dragging = sum(areas.map(({ areaCm2, dragCoefficient }) => (areaCm2 / CM2_PER_M2) * dragCoefficient));
  const slowestMs = seenFactor * Math.sqrt((2 * weightN) / (rho * lifting));
  const areaCm2 = sum(areas.map((each) => each.areaCm2));
  return done({
    areaCm2,
    slowestMs,
    pullN: (rho * (bait.speedMs ?? slowestMs) ** 2 * dragging) / 2,
    flashCm2: areaCm2,
    thumpMm: Math.hypot(...areas.map(({ thumpShare, blade }) => thumpShare * blade.widthMm)),
  });
}
