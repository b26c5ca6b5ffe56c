import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { mean } from '../numeric/mean';
import { sum } from '../numeric/sum';

/** A head that was timed in a stream of heat. */
export interface HeatTrial {
  readonly volumeCm3: number;
  readonly areaCm2: number;
  readonly hWm2K: number;
}

export interface ScaledHeat {
  readonly hWm2K: number;
  /** How the heat taken in goes with the size: -0.5 until two sizes were timed. */
  readonly exponent: number;
}

/** Forced convection over small bodies: the Nusselt number goes with the root of the Reynolds number. */
const USUAL_EXPONENT = -0.5;

/** The size of a body as heat meets it, cm: that of the ball with the same room to its skin. */
export const sizeOf = ({ volumeCm3, areaCm2 }: Pick<HeatTrial, 'volumeCm3' | 'areaCm2'>) =>
  (6 * volumeCm3) / areaCm2;

/**
 * How fast a head of another size takes heat from the stream in which one or more were timed: h = h0 (d/d0)^b with the size
 * d = 6 V/A. Trials of one size tell h0 alone; two sizes tell b as well, kept within -1 and 0. At least one trial; volumes,
 * areas and h over 0.
 *
 * Source: calculation contract, `heat.scale`; forced convection over small bodies (Nu ~ Re^0.5).
 *
 * @example scaleHeat([{ volumeCm3: 1, areaCm2: 5, hWm2K: 60 }], { volumeCm3: 0.125, areaCm2: 1.25 }) // { hWm2K: 84.9, exponent: -0.5 }
 */
export function scaleHeat(
  trials: readonly HeatTrial[],
  head: Pick<HeatTrial, 'volumeCm3' | 'areaCm2'>,
): ScaledHeat {
  const sizes = trials.map(sizeOf);
  const logs = trials.map(({ hWm2K }, at) => ({ d: Math.log(sizes[at] ?? 1), h: Math.log(hWm2K) }));
  const [meanD, meanH] = [mean(logs.map(({ d }) => d)), mean(logs.map(({ h }) => h))];
  const isOneSize = Math.max(...sizes) - Math.min(...sizes) <= RELATIVE_SLACK * Math.max(...sizes);
  const fitted = isOneSize
    ? USUAL_EXPONENT
    : sum(logs.map(({ d, h }) => (d - meanD) * (h - meanH))) / sum(logs.map(({ d }) => (d - meanD) ** 2));
  const exponent = Math.min(0, Math.max(-1, fitted));
  return { hWm2K: Math.exp(meanH + exponent * (Math.log(sizeOf(head)) - meanD)), exponent };
}
