import type { ProfilePoint } from '../loft';

const STEPS = 48;

/**
 * Points of an elliptic arc of radius `rMm` across and `halfMm` along the axis, from one latitude to another
 * (degrees, -90 the bottom), its center at `centerMm`.
 *
 * @example arcProfile(1, 1, -90, 90, 1)[0] // [0, 0], the bottom of a ball of radius 1
 */
export function arcProfile(
  rMm: number,
  halfMm: number,
  from: number,
  to: number,
  centerMm: number,
): ProfilePoint[] {
  return Array.from({ length: STEPS + 1 }, (_, step): ProfilePoint => {
    const degrees = from + ((to - from) * step) / STEPS;
    const latitude = (degrees * Math.PI) / 180;
    // At the poles the cosine is off zero by rounding; a pole is a point.
    const radius = Math.abs(degrees) === 90 ? 0 : rMm * Math.cos(latitude);
    return [radius, centerMm + halfMm * Math.sin(latitude)];
  });
}
