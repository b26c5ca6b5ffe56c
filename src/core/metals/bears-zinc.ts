/** Zinc from which a lot counts as zinc, share of its mass: a tenth of a percent already spoils lead (typical). */
export const ZINC_SHARE = 0.001;

/**
 * Whether a metal holds so much zinc that it must be kept out of lead and tin. What nobody knows is not said to.
 *
 * @example bearsZinc({ Pb: 0.998, Zn: 0.002 }) // true
 */
export function bearsZinc(composition: Readonly<Record<string, number>> | null): boolean {
  return (composition?.Zn ?? 0) > ZINC_SHARE;
}
