import { metalFamily } from './metal-family';

/**
 * Whether a metal holds so much zinc that it must be kept out of lead and tin. What nobody knows is not said to.
 *
 * @example bearsZinc({ Pb: 0.998, Zn: 0.002 }) // true
 */
export const bearsZinc = (composition: Readonly<Record<string, number>> | null): boolean =>
  metalFamily(composition) === 'zinc';
