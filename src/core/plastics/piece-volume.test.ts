import fc from 'fast-check';
import { baitsACup } from './baits-a-cup';
import { volumeByCup, volumeByWeight } from './piece-volume';

describe('how much plastic a bait is', () => {
  it('is its weight over the density', () => {
    expect(volumeByWeight(43, 10, 1.03)).toBeCloseTo(4.1748, 4);
  });

  it('is what a cup gave, less runners and what stayed behind', () => {
    expect(volumeByCup({ cupCm3: 100, lossShare: 0.1, runnerCm3: 2, cavities: 4, baits: 20 })).toBeCloseTo(
      4,
      12,
    );
    expect(volumeByCup({ cupCm3: 10, lossShare: 0, runnerCm3: 3, cavities: 1, baits: 4 })).toBeNull();
  });

  it('finds the bait again that a cup was shot of, where nothing was left over', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0.5, max: 20, noNaN: true }),
        fc.integer({ min: 1, max: 10 }),
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0, max: 4, noNaN: true }),
        fc.double({ min: 0, max: 0.4, noNaN: true }),
        (pieceCm3, cavities, shots, runnerCm3, lossShare) => {
          // A hair more than they take: whole shots, whatever the rounding.
          const cupCm3 = ((shots * (cavities * pieceCm3 + runnerCm3)) / (1 - lossShare)) * (1 + 1e-9);
          const { baits } = baitsACup(cupCm3, lossShare, { pieceCm3, cavities, runnerCm3 });
          expect(volumeByCup({ cupCm3, lossShare, runnerCm3, cavities, baits })).toBeCloseTo(pieceCm3, 5);
        },
      ),
    );
  });
});
