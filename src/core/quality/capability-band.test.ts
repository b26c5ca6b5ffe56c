import { repeatableRandom } from '../numeric/repeatable-random';
import { capabilityBand } from './capability-band';

describe('a process capability', () => {
  it('is not told from three castings', () => {
    expect(capabilityBand(2.4, 3)).toBeNull();
    expect(capabilityBand(2.4, 9)).toBeNull();
    expect(capabilityBand(null, 40)).toBeNull();
    expect(capabilityBand(1.2, 10)).toMatchObject({ cpk: 1.2 });
  });

  it('lies within its band about nine times in ten', () => {
    const random = repeatableRandom(12);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    // Tolerance of four sigmas to either side: a truth of 4/3.
    let inside = 0;
    const runs = 1500;
    for (let run = 0; run < runs; run += 1) {
      const weights = Array.from({ length: 30 }, normal);
      const mean = weights.reduce((so, each) => so + each, 0) / 30;
      const sigma = Math.sqrt(weights.reduce((so, each) => so + (each - mean) ** 2, 0) / 29);
      const { low, high } = capabilityBand((4 - Math.abs(mean)) / (3 * sigma), 30)!;
      if (low <= 4 / 3 && 4 / 3 <= high) inside += 1;
    }
    expect(inside / runs).toBeGreaterThan(0.85);
    expect(inside / runs).toBeLessThan(0.95);
  });
});
