/** How badly liquid metal wets a mold: cosine of some 140 degrees (typical). */
const UNWETTING = 0.77;

/**
 * What the skin of a liquid metal withstands before it enters a gap this thick, Pa: 2 g cos / t.
 *
 * Source: Young and Laplace, between two walls.
 *
 * @example skinPa(0.458, 0.5) // 1_411: some 14 mm of lead
 */
export function skinPa(surfaceNm: number, thickMm: number): number {
  return (2 * surfaceNm * UNWETTING * 1000) / thickMm;
}

/**
 * The widest gap that a pressure does not press metal into, mm: a wider one flashes.
 *
 * @example flashFromMm(0.458, 3000) // 0.24
 */
export function flashFromMm(surfaceNm: number, pascal: number): number {
  return (2 * surfaceNm * UNWETTING * 1000) / pascal;
}
