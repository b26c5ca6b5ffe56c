import { mean } from '../numeric/mean';
import { repeatableRandom } from '../numeric/repeatable-random';
import { pulledShare } from './pulled-share';

const pulls = (shares: readonly number[]) => shares.map((share) => ({ brokeKgf: share * 12, breakKgf: 12 }));

describe('what an end leaves of a line, by own pulls', () => {
  it('is drawn toward what is typical, as if that were two pulls more', () => {
    expect(pulledShare([], 0.8)).toBeNull();
    expect(pulledShare(pulls([0.5]), 0.8)).toEqual({
      share: expect.closeTo((0.5 + 1.6) / 3, 12),
      pulls: 1,
      between: null,
    });
    expect(pulledShare(pulls([0.7, 0.74]), 0.8)?.share).toBeCloseTo(0.76, 12);
    // A hundred of them say it alone.
    expect(pulledShare(pulls(Array(100).fill(0.5)), 0.8)?.share).toBeCloseTo(0.506, 3);
  });

  it('says more than the packet where the line holds more', () => {
    expect(pulledShare(pulls([1.1, 1.12, 1.08]), 1)?.share).toBeGreaterThan(1);
  });

  it('holds the truth between in 95 of 100, by simulation', () => {
    const next = repeatableRandom(41);
    // The sum of twelve even draws, less six, is close to the normal.
    const normal = () => Array.from({ length: 12 }, () => next()).reduce((so, each) => so + each, -6);
    const truth = 0.68;
    const held = Array.from({ length: 2000 }, () => {
      const { between } = pulledShare(pulls(Array.from({ length: 5 }, () => truth + 0.06 * normal())), 0.8)!;
      return Number(between![0] <= truth && truth <= between![1]);
    });
    expect(mean(held)).toBeGreaterThan(0.935);
    expect(mean(held)).toBeLessThan(0.965);
  });
});
