import fc from 'fast-check';
import { compareRates } from './compare-rates';
import { learnHold } from './grip';
import { holdInCurrent, type LineQuestion } from './hold-in-current';
import { nextWeights } from './next-weights';

const QUESTION: LineQuestion = {
  depthM: 5,
  castM: 20,
  currentMs: 0.5,
  lineMm: 0.3,
  metalGcm3: 11.3,
  grip: 0.6,
};
const massOf = (change: Partial<LineQuestion>) => holdInCurrent({ ...QUESTION, ...change }).massG;

describe('holdInCurrent', () => {
  it('takes nothing in still water, nor for going with it', () => {
    expect(massOf({ currentMs: 0 })).toBe(0);
    expect(massOf({ driftMs: 0.5 })).toBe(0);
    expect(holdInCurrent({ ...QUESTION, currentMs: 0 }).sagM).toBe(0);
  });

  it('takes more for more current, thicker line, a longer cast, less grip; less for denser metal', () => {
    fc.assert(
      fc.property(fc.double({ min: 1.05, max: 2, noNaN: true }), (more) => {
        expect(massOf({ currentMs: 0.5 * more })).toBeGreaterThan(massOf({}));
        expect(massOf({ lineMm: 0.3 * more })).toBeGreaterThan(massOf({}));
        expect(massOf({ castM: 20 * more })).toBeGreaterThan(massOf({}));
        expect(massOf({ grip: 0.6 / more })).toBeGreaterThan(massOf({}));
        expect(massOf({ metalGcm3: 7 * more })).toBeLessThan(massOf({ metalGcm3: 7 }));
      }),
      { numRuns: 25 },
    );
  });

  it('bears half the push on the line at the sinker, in the limit of a flat bow', () => {
    // A nearly straight line stands square to the flow all along: the whole push is 1/2 rho Cd d v2 L.
    const bowShare = 1e-4;
    const { tensionN } = holdInCurrent({ ...QUESTION, bowShare });
    const straightM = Math.hypot(5, 20);
    // Water of 15 C: 1.149e-6 m2/s, so Re 130.5 and Cd 1.389.
    const pushN = 0.5 * 1000 * 1.38868 * 0.0003 * 0.25 * straightM;
    const u = Math.sqrt(6 * bowShare);
    expect(2 * tensionN * Math.tanh(u)).toBeCloseTo(pushN, 3);
  });

  it('draws a line as long as its bow says, off at the middle and fast at both ends', () => {
    const { curve, sagM } = holdInCurrent(QUESTION);
    const long = curve.slice(1).reduce((so, { along, off }, nth) => {
      const before = curve[nth]!;
      return so + Math.hypot(along - before.along, off - before.off);
    }, 0);
    expect(long / Math.hypot(5, 20)).toBeCloseTo(1.05, 3);
    expect(curve[0]!.off).toBeCloseTo(0, 9);
    expect(curve.at(-1)!.off).toBeCloseTo(0, 9);
    expect(Math.max(...curve.map(({ off }) => off))).toBeCloseTo(sagM, 6);
  });

  it('grows with the square of the current where the sinker itself counts for little', () => {
    expect(massOf({ currentMs: 1 }) / massOf({})).toBeCloseTo(4, 0);
  });

  it('counts a thin line in slow water for what it is: the usual question takes 70 g, not 45', () => {
    const usual = { depthM: 4, castM: 20, currentMs: 0.3, lineMm: 0.2, metalGcm3: 11.1, grip: 0.5 };
    expect(holdInCurrent(usual).massG).toBeGreaterThan(67);
    expect(holdInCurrent(usual).massG).toBeLessThan(73);
    // Cold water is thicker.
    expect(holdInCurrent({ ...usual, waterC: 4 }).massG).toBeGreaterThan(holdInCurrent(usual).massG);
  });

  it('says what it requires', () => {
    expect(() => holdInCurrent({ ...QUESTION, depthM: 0, castM: 0 })).toThrow('requires');
    expect(massOf({ depthM: 0 })).toBeGreaterThan(0);
    expect(massOf({ castM: 0 })).toBeGreaterThan(0);
  });
});

describe('learnHold', () => {
  it('stays with the sums until notes say otherwise', () => {
    expect(learnHold([])).toBe(1);
    expect(learnHold([{ weightG: 5, reckonedG: 10, feel: 'too-light' }])).toBe(1);
    expect(learnHold([{ weightG: 40, reckonedG: 10, feel: 'too-heavy' }])).toBe(1);
    expect(learnHold([{ weightG: 20, reckonedG: 0, feel: 'right' }])).toBe(1);
  });

  it('comes to the truth as notes of it gather', () => {
    const truth = 0.4;
    const right = Array.from({ length: 60 }, () => ({
      weightG: 50 * truth,
      reckonedG: 40,
      feel: 'right' as const,
    }));
    expect(learnHold(right)).toBeCloseTo(truth, 1);
    expect(learnHold([{ weightG: 20, reckonedG: 10, feel: 'too-light' }])).toBeGreaterThan(1);
    expect(learnHold([{ weightG: 5, reckonedG: 10, feel: 'too-heavy' }])).toBeLessThan(1);
  });
});

describe('compareRates', () => {
  it('never calls a winner where bands overlap', () => {
    const count = fc.integer({ min: 0, max: 40 });
    const hours = fc.double({ min: 0, max: 40, noNaN: true });
    fc.assert(
      fc.property(fc.array(fc.record({ under: fc.constantFrom('a', 'b', 'c'), hours, count })), (spells) => {
        const { groups, winner } = compareRates(spells);
        const best = groups.find(({ under }) => under === winner);
        if (!best) return;
        for (const other of groups) {
          if (other !== best) expect(other.high).toBeLessThan(best.low);
        }
        expect(groups.length).toBeGreaterThan(1);
      }),
    );
  });

  it('shows what was counted beside the careful figure, and lets clumps part no two', () => {
    const { groups } = compareRates([{ under: 'a', hours: 2, count: 2 }]);
    expect(groups[0]).toMatchObject({ counted: 1, perHour: 2.5 / 3 });
    expect(compareRates([{ under: 'a', hours: 0, count: 2 }]).groups[0]).toMatchObject({
      counted: null,
      count: 2,
    });
    const lucky = [14, 0, 0, 0, 0].map((count) => ({ under: 'lucky', hours: 2, count }));
    const plain = [1, 0, 1, 0, 1].map((count) => ({ under: 'plain', hours: 2, count }));
    const compared = compareRates([...lucky, ...plain]);
    expect(compared.dispersion).toBeGreaterThan(3);
    expect(compared.winner).toBeNull();
  });

  it('calls one that stands clear, and sums spells of one group', () => {
    const { groups, winner } = compareRates([
      { under: 'drop', hours: 6, count: 20 },
      { under: 'drop', hours: 4, count: 14 },
      { under: 'round', hours: 10, count: 1 },
    ]);
    expect(winner).toBe('drop');
    expect(groups[0]).toMatchObject({ under: 'drop', hours: 10, count: 34 });
    expect(compareRates([{ under: 'alone', hours: 10, count: 30 }]).winner).toBeNull();
  });
});

describe('nextWeights', () => {
  it('stands round what was right, in weights there are molds for', () => {
    const right = [{ weightG: 14, feel: 'right' as const }];
    expect(nextWeights(right, [5, 7, 10, 14, 18, 21])).toEqual([10, 14, 18]);
    expect(nextWeights(right, [14])).toEqual([14]);
  });

  it('goes up from too light, down from too heavy, between both', () => {
    expect(nextWeights([{ weightG: 10, feel: 'too-light' }], [])).toEqual([10, 13, 16.9]);
    expect(nextWeights([{ weightG: 13, feel: 'too-heavy' }], [])).toEqual([7.7, 10, 13]);
    const both = [
      { weightG: 8, feel: 'too-light' as const },
      { weightG: 18, feel: 'too-heavy' as const },
    ];
    expect(nextWeights(both, [])![1]).toBe(12);
    expect(nextWeights([], [10])).toBeNull();
  });
});
