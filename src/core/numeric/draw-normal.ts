/**
 * A draw from the normal distribution of mean 0 and spread 1. `random` gives numbers in [0, 1).
 *
 * Source: Box and Muller, A note on the generation of random normal deviates, 1958.
 *
 * @example drawNormal(() => 0) // 0
 */
export function drawNormal(random: () => number): number {
  return Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}
