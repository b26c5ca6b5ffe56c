import fc from 'fast-check';
import { baitsACup } from './baits-a-cup';
import { heatStages } from './heat-stages';
import { mixColor } from './mix-color';
import { scaleBatch } from './scale-batch';

const grub = { name: 'grub', pieceCm3: 3, count: 20, cavities: 4, runnerCm3: 2 };
const recipe = { baseCm3: 100, additives: [{ name: 'green', amount: 12, unit: 'drops' }] };

describe('scaleBatch', () => {
  it('is pieces and runners over what is not lost, colored in proportion', () => {
    const batch = scaleBatch([grub], 0.1, recipe);
    expect(batch.plasticCm3).toBeCloseTo(70 / 0.9, 12);
    expect(batch.additives[0]!.amount).toBeCloseTo((12 * 70) / 0.9 / 100, 12);
  });

  it('counts a runner for each shot begun, not for each bait', () => {
    const of = (count: number) => scaleBatch([{ ...grub, count }], 0, recipe).plasticCm3;
    expect([of(4), of(5), of(8)]).toEqual([14, 19, 28]);
    expect(of(0)).toBe(0);
  });

  it('splits a laminate into what both sides come to together', () => {
    const [back, belly] = [0.4, 0.6].map((split) => scaleBatch([grub], 0.1, recipe, split).plasticCm3);
    expect(back! + belly!).toBeCloseTo(scaleBatch([grub], 0.1, recipe).plasticCm3, 12);
  });

  it('scales: twice the baits in full shots take twice of all', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 50 }),
        fc.double({ min: 0, max: 0.9, noNaN: true }),
        (shots, loss) => {
          const of = (count: number) => scaleBatch([{ ...grub, count: count * 4 }], loss, recipe);
          expect(of(2 * shots).plasticCm3).toBeCloseTo(2 * of(shots).plasticCm3, 6);
          expect(of(2 * shots).additives[0]!.amount).toBeCloseTo(2 * of(shots).additives[0]!.amount, 6);
        },
      ),
    );
  });
});

describe('baitsACup', () => {
  it('shoots whole shots, then one short one of what fills whole baits; all plastic is accounted for', () => {
    expect(baitsACup(100, 0.1, { pieceCm3: 4, cavities: 4, runnerCm3: 2 })).toEqual({
      baits: 20,
      shots: 5,
      blockCm3: 10,
    });
    expect(baitsACup(31, 0, { pieceCm3: 4, cavities: 4, runnerCm3: 2 })).toEqual({
      baits: 6,
      shots: 2,
      blockCm3: 3,
    });
  });

  it('gives back what a batch was scaled for', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 200 }),
        fc.integer({ min: 1, max: 12 }),
        fc.double({ min: 0, max: 0.5, noNaN: true }),
        (count, cavities, loss) => {
          const shot = { ...grub, count, cavities };
          const { plasticCm3 } = scaleBatch([shot], loss, recipe);
          const cup = baitsACup(plasticCm3, loss, shot);
          expect(cup.baits).toBeGreaterThanOrEqual(count);
          expect(cup.blockCm3).toBeGreaterThanOrEqual(-1e-9);
        },
      ),
    );
  });

  it('gives none from a cup that does not fill one', () => {
    expect(baitsACup(3, 0, { pieceCm3: 4, cavities: 4, runnerCm3: 2 })).toMatchObject({
      baits: 0,
      shots: 0,
      blockCm3: 3,
    });
  });
});

describe('mixColor', () => {
  const luma = (hex: string) =>
    [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16)).reduce((so, each) => so + each, 0);

  it('is the clear plastic with nothing in it, and goes the dye’s way drop by drop', () => {
    expect(mixColor([], 100)).toEqual({ hex: '#efe9dc', clarity: 1 });
    const steps = [1, 3, 9, 27].map((drops) => mixColor([{ hex: '#22242a', drops }], 100));
    const lumas = steps.map(({ hex }) => luma(hex));
    expect([...lumas].sort((a, b) => b - a)).toEqual(lumas);
    expect(steps[3]!.clarity).toBeLessThan(0.1);
  });

  it('does not mind the order, and the same drops in more plastic show less', () => {
    const [red, blue] = [
      { hex: '#a3261f', drops: 3 },
      { hex: '#3b5878', drops: 2 },
    ];
    expect(mixColor([red, blue], 100)).toEqual(mixColor([blue, red], 100));
    expect(luma(mixColor([red], 300).hex)).toBeGreaterThan(luma(mixColor([red], 100).hex));
  });
});

describe('heatStages', () => {
  it('come in order, and take longer for a larger cup but for the setting', () => {
    const [small, large] = [heatStages(120), heatStages(480)];
    expect(small.map(({ id }) => id)).toEqual(['warm', 'stir', 'clear', 'rest', 'shoot']);
    expect(large.slice(0, 4).every(({ minutes }, at) => minutes > small[at]!.minutes)).toBe(true);
    expect(large[4]!.minutes).toBe(small[4]!.minutes);
  });
});
