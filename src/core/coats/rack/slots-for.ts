/** Air between two heads, so that powder and heat get all round, mm (common practice). */
const BETWEEN_MM = 4;

/**
 * How many slots of a rod a head takes, hung by its hook; 0 where it is longer than the rods are apart and would not
 * hang free.
 *
 * @example slotsFor({ acrossMm: 18, longMm: 30 }, { slotMm: 15, dropMm: 60 }) // 2
 */
export function slotsFor(
  head: { readonly acrossMm: number; readonly longMm: number },
  rack: { readonly slotMm: number; readonly dropMm: number },
): number {
  if (head.longMm > rack.dropMm) return 0;
  return Math.max(1, Math.ceil((head.acrossMm + BETWEEN_MM) / rack.slotMm - 1e-9));
}
