/**
 * How much of a round a layer of strands covers where each lies where it falls: 1 - exp(-n w / round). Widths and the
 * round in mm; 0 for no strands, near 1 for many.
 *
 * Source: the share of a line that n pieces of length w thrown at it at random leave bare (Poisson).
 *
 * @example coverShare(20, 1, Math.PI * 6) // 0.654
 */
export function coverShare(strands: number, strandWidthMm: number, roundMm: number): number {
  return -Math.expm1((-strands * strandWidthMm) / roundMm);
}
