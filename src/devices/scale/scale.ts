import type { Device } from '../device';

/** What a scale shows at a moment. */
export interface ScaleReading {
  readonly massG: number;
}

export type Scale = Device<ScaleReading>;

/** Reads in a row that must agree before a weight counts as settled. */
const AGREEING = 5;

/**
 * The weight that the last readings have settled on, g: five in a row within one step of each other, their mean.
 * Null while they still move.
 *
 * @example settledMass([0, 7, 9.9, 10, 10, 10.01, 10, 10], 0.01) // 10.002
 */
export function settledMass(readings: readonly number[], stepG: number): number | null {
  const last = readings.slice(-AGREEING);
  if (last.length < AGREEING) return null;
  const spread = Math.max(...last) - Math.min(...last);
  return spread <= stepG * (1 + 1e-9) ? last.reduce((total, each) => total + each, 0) / AGREEING : null;
}
