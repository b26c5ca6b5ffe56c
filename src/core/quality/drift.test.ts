import * as fc from 'fast-check';
import { repeatableRandom } from '../numeric/repeatable-random';
import { countFlaws, wilson, type CountedCasting } from './count-flaws';
import { findDrift } from './find-drift';
import { judgeCavities } from './judge-cavities';
import { movingRanges } from './moving-ranges';
import { sortByWeight, trayStep } from './sort-by-weight';

const SIGMA = 0.004;

function strays(start: number) {
  const random = repeatableRandom(start);
  return () => SIGMA * Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
}

describe('findDrift', () => {
  const draw = (start: number, count: number, off: (index: number) => number) => {
    const stray = strays(start);
    return Array.from({ length: count }, (_, index) => 1 + off(index) + stray());
  };
  const share = (
    count: number,
    off: (index: number) => number,
    is: (drift: ReturnType<typeof findDrift>) => boolean,
  ) =>
    Array.from({ length: 300 }, (_, start) => findDrift(draw(start + 1, count, off), SIGMA)).filter(is)
      .length / 300;

  it('leaves a steady cavity in peace', () => {
    expect(
      share(
        10,
        () => 0,
        (drift) => drift !== null,
      ),
    ).toBeLessThan(0.03);
    expect(
      share(
        25,
        () => 0,
        (drift) => drift !== null,
      ),
    ).toBeLessThan(0.03);
  });

  it('finds a step, and where it came', () => {
    const isAtSix = (drift: ReturnType<typeof findDrift>) =>
      drift?.pattern === 'at-once' && Math.abs(drift.from - 6) <= 1 && drift.offShare > 0.015;
    expect(share(12, (index) => (index < 6 ? 0 : 0.025), isAtSix)).toBeGreaterThan(0.9);
  });

  it('tells a creep from a step, and a cavity that was off from the first', () => {
    const is = (pattern: string) => (drift: ReturnType<typeof findDrift>) => drift?.pattern === pattern;
    expect(share(12, (index) => -0.004 * index, is('creeping'))).toBeGreaterThan(0.85);
    expect(share(8, () => -0.03, is('always'))).toBeGreaterThan(0.95);
    expect(share(10, (index) => (index === 9 ? 0.05 : 0), is('single'))).toBeGreaterThan(0.9);
  });

  it('says the same of a mirrored cavity, light for heavy', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 0.95, max: 1.05, noNaN: true }), { maxLength: 20 }), (ratios) => {
        const [drift, other] = [
          findDrift(ratios, SIGMA),
          findDrift(
            ratios.map((ratio) => 2 - ratio),
            SIGMA,
          ),
        ];
        expect(other?.pattern).toBe(drift?.pattern);
        expect(other?.offShare ?? 0).toBeCloseTo(-(drift?.offShare ?? 0), 9);
      }),
    );
  });

  it('asks for three castings and a spread', () => {
    expect(findDrift([1.2, 1.2], SIGMA)).toBeNull();
    expect(() => findDrift([1, 1, 1], 0)).toThrow(/spread/);
  });
});

describe('judgeCavities', () => {
  const block = (offs: readonly ((index: number) => number)[]) => {
    const stray = strays(5);
    return judgeCavities(
      offs.map((off, cavity) => ({
        cavity,
        expectedG: 8 + cavity,
        weighedG: Array.from({ length: 8 }, (_, index) => (8 + cavity) * (1 + off(index) + stray())),
      })),
    );
  };

  it('names the one cavity that drifts', () => {
    const { cavities, commonOffShare } = block([
      () => 0,
      () => 0,
      (index) => (index < 4 ? 0 : 0.03),
      () => 0,
    ]);
    expect(cavities.filter(({ drift }) => drift).map(({ cavity }) => cavity)).toEqual([2]);
    expect(cavities[2]!.drift).toMatchObject({ pattern: 'at-once', from: 4 });
    expect(commonOffShare).toBe(0);
  });

  it('blames metal that is off alike on no cavity', () => {
    const { cavities, commonOffShare } = block([() => 0.02, () => 0.02, () => 0.02, () => 0.02]);
    expect(commonOffShare).toBeCloseTo(0.02, 2);
    expect(cavities.filter(({ drift }) => drift)).toEqual([]);
  });

  it('still names a cavity that is worn in metal that is off', () => {
    const { cavities } = block([() => 0.02, () => 0.05, () => 0.02, () => 0.02, () => 0.02]);
    expect(cavities.filter(({ drift }) => drift).map(({ cavity }) => cavity)).toEqual([1]);
  });

  it('has nothing to say of castings never weighed', () => {
    expect(judgeCavities([{ cavity: 0, weighedG: [], expectedG: 9 }]).cavities).toEqual([]);
  });
});

describe('movingRanges', () => {
  it('finds the jump', () => {
    const weights = [10, 10.05, 10, 10.05, 10, 10.9, 10.95];
    const ranges = movingRanges(weights);
    expect(ranges.meanG).toBeCloseTo((0.05 * 5 + 0.9) / 6, 12);
    expect(ranges.upperG).toBeCloseTo(3.267 * ranges.meanG, 12);
    expect(ranges.outside).toEqual([4]);
    expect(() => movingRanges([1])).toThrow(/two weights/);
  });
});

describe('sortByWeight', () => {
  it('loses no piece, and every piece lies within its tray', () => {
    fc.assert(
      fc.property(fc.array(fc.double({ min: 5, max: 15, noNaN: true }), { maxLength: 40 }), (weights) => {
        const trays = sortByWeight(weights, 10, 0.2);
        expect(trays.flatMap(({ pieces }) => pieces).sort((a, b) => a - b)).toEqual(
          weights.map((_, index) => index),
        );
        for (const { middleG, pieces, step } of trays) {
          expect(middleG).toBeCloseTo(10 + step * 0.4, 9);
          for (const piece of pieces)
            expect(Math.abs(weights[piece]! - middleG)).toBeLessThanOrEqual(0.2 + 1e-9);
        }
      }),
    );
  });

  it('keeps the wanted weight in the middle', () => {
    expect(
      sortByWeight([9.6, 10.19, 9.81], 10, 0.2).map(({ step, pieces }) => [step, pieces.length]),
    ).toEqual([
      [-1, 1],
      [0, 2],
    ]);
    expect(Object.is(trayStep(9.9, 10, 0.2), 0)).toBe(true);
    expect(() => sortByWeight([1], 10, 0)).toThrow(/tolerance/);
  });
});

describe('countFlaws', () => {
  const casting = (more: Partial<CountedCasting>): CountedCasting => ({
    count: 1,
    flaw: null,
    isGood: true,
    moldId: 'a',
    cavity: 0,
    potC: null,
    pourNo: 1,
    isFoundLater: false,
    ...more,
  });

  it('counts by a key, with where the true share lies', () => {
    const castings = [
      casting({ count: 18 }),
      casting({ isGood: false, flaw: 'short' }),
      casting({ isGood: false, flaw: 'flash' }),
      casting({ isGood: false, flaw: 'short', isFoundLater: true }),
      casting({ moldId: 'b', isGood: false }),
      casting({ moldId: null, isGood: false, isFoundLater: true }),
    ];
    const [a, b] = countFlaws(castings, ({ moldId }) => moldId);
    expect(a).toMatchObject({ key: 'a', cast: 20, flawed: 3, share: 0.15 });
    expect(a!.kinds).toEqual([
      { kind: 'short', count: 2 },
      { kind: 'flash', count: 1 },
    ]);
    expect(b).toMatchObject({ key: 'b', cast: 1, flawed: 1, kinds: [] });
    expect(countFlaws(castings, ({ potC }) => (potC === null ? null : String(potC)))).toEqual([]);
  });

  it('takes the interval from the published figures', () => {
    // Wilson 1927; 95 % interval of 15 of 148 as tabled by Newcombe (1998): 0.0624 to 0.1605
    const [low, high] = wilson(15, 148);
    expect([low, high].map((each) => Number(each.toFixed(4)))).toEqual([0.0624, 0.1605]);
    expect(wilson(0, 0)).toEqual([0, 1]);
  });
});
