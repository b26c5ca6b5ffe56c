import { drawNormal } from './draw-normal';

/**
 * A draw from a gamma distribution of some shape over 0 and scale 1. `random` gives numbers in [0, 1).
 *
 * Source: Marsaglia and Tsang, A simple method for generating gamma variables, 2000.
 *
 * @example drawGamma(100, random) // about 100, most of them between 80 and 120
 */
export function drawGamma(shape: number, random: () => number): number {
  // A shape under 1 is one over it, shrunk by a power of a uniform draw.
  if (shape < 1) return drawGamma(shape + 1, random) * (1 - random()) ** (1 / shape);
  const d = shape - 1 / 3;
  const c = 1 / Math.sqrt(9 * d);
  for (;;) {
    const x = drawNormal(random);
    const v = (1 + c * x) ** 3;
    if (v > 0 && Math.log(1 - random()) < x ** 2 / 2 + d - d * v + d * Math.log(v)) return d * v;
  }
}
