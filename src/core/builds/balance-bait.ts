import { sum } from '../numeric/sum';
import type { Point } from './place-parts';

export interface MassPoint extends Point {
  readonly massG: number;
}

export interface Balance {
  /** Where it balances. */
  readonly center: Point;
  /** How far it turns from level when hung by the line's eye, nose up, degrees: 0 level, 90 straight down. */
  readonly hangsDeg: number;
}

/**
 * Where a bait balances and how it hangs from the line's eye at the origin: it turns until its center of mass lies under
 * the eye. Coordinates in mm, y down. Masses over 0 in all.
 *
 * Throws where nothing has a weight.
 *
 * @example balanceBait([{ x: 40, y: 0, massG: 14 }]).hangsDeg // 90
 */
export function balanceBait(points: readonly MassPoint[]): Balance {
  const massG = sum(points.map((point) => point.massG));
  if (!(massG > 0)) throw new RangeError('balanceBait requires something that weighs');
  const center = {
    x: sum(points.map((point) => point.x * point.massG)) / massG,
    y: sum(points.map((point) => point.y * point.massG)) / massG,
  };
  const fromLevel = (Math.atan2(center.x, center.y) * 180) / Math.PI;
  return { center, hangsDeg: fromLevel };
}
