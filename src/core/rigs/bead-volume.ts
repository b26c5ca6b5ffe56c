const MM3_PER_CM3 = 1000;

/**
 * What a round bead with a straight hole through its middle holds, cm3: a ball without its hole and the two caps over it,
 * pi / 6 (D^2 - d^2)^1.5. Nothing where the hole is as wide as the bead.
 *
 * @example beadCm3(6, 2) // 0.0948
 */
export function beadCm3(acrossMm: number, holeMm: number): number {
  const longMm2 = Math.max(0, acrossMm ** 2 - holeMm ** 2);
  return ((Math.PI / 6) * longMm2 ** 1.5) / MM3_PER_CM3;
}
