/**
 * One standard error in g/cm3 of a density found by weighing in air and in water, from the scale's error in g:
 * the difference of the two weights carries nearly all of it, d rho = rho sqrt(2) scale / (air - submerged).
 *
 * @example weighingError(11.34, 100, 91.2, 0.05) // 0.0911... : a tenth of a gram blurs lead and its alloys
 */
export function weighingError(
  densityGcm3: number,
  airG: number,
  submergedG: number,
  scaleErrorG: number,
): number {
  return (densityGcm3 * Math.SQRT2 * scaleErrorG) / (airG - submergedG);
}
