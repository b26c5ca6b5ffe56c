import { drawGamma } from './draw-gamma';
import { repeatableRandom } from './repeatable-random';

describe('drawGamma', () => {
  it.each([0.3, 1, 2.5, 40])('has mean and variance %d', (shape) => {
    const random = repeatableRandom(4);
    const draws = Array.from({ length: 20_000 }, () => drawGamma(shape, random));
    const mean = draws.reduce((so, each) => so + each, 0) / draws.length;
    const variance = draws.reduce((so, each) => so + (each - mean) ** 2, 0) / draws.length;
    // Five standard errors.
    expect(Math.abs(mean / shape - 1)).toBeLessThan(5 / Math.sqrt(shape * draws.length));
    expect(Math.abs(variance / shape - 1)).toBeLessThan(5 * Math.sqrt((2 + 6 / shape) / draws.length));
    expect(Math.min(...draws)).toBeGreaterThan(0);
  });
});
