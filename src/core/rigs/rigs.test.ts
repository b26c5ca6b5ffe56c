import fc from 'fast-check';
import { predictCasting } from '../cavities/predict-casting';
import { lengthsOnShelf } from '../stock/lengths-on-shelf';
import { measureSolid } from '../solids/measure-solid';
import { castPlate, rivetSpots } from './cast-plate';
import { findEnd, RIG_ENDS } from './ends';
import { fitTube } from './fit-tube';
import { gradedWeights } from './graded-weights';
import { learnAllowance } from './learn-allowance';
import { findMatch } from './match-table';
import { rateStrength } from './rate-strength';

const mm = fc.double({ min: 0.1, max: 20, noNaN: true });

describe('fitTube', () => {
  it('never fits what it does not go over or does not grip', () => {
    fc.assert(
      fc.property(
        mm,
        fc.double({ min: 1, max: 4, noNaN: true }),
        mm,
        mm,
        (suppliedMm, shrinkRatio, overMm, gripMm) => {
          const verdict = fitTube({ suppliedMm, shrinkRatio, overMm, gripMm });
          if (verdict === 'fits') {
            expect(suppliedMm).toBeGreaterThanOrEqual(overMm * (1 - 1e-6));
            expect(suppliedMm / shrinkRatio).toBeLessThanOrEqual(gripMm * (1 + 1e-6));
          }
          if (verdict === 'too-small') expect(suppliedMm).toBeLessThan(overMm);
          if (verdict === 'too-loose') expect(suppliedMm / shrinkRatio).toBeGreaterThan(gripMm);
        },
      ),
    );
  });
});

describe('rateStrength', () => {
  const link = fc.record({
    name: fc.string({ minLength: 1 }),
    breakKgf: fc.double({ min: 0, max: 200, noNaN: true }),
    efficiency: fc.double({ min: 0, max: 1, noNaN: true }),
  });

  it('is never more than any link holds, and no weaker link makes it stronger', () => {
    fc.assert(
      fc.property(fc.array(link, { minLength: 1, maxLength: 9 }), link, (links, another) => {
        const { kgf, weakest } = rateStrength(links);
        for (const { breakKgf, efficiency } of links) expect(kgf).toBeLessThanOrEqual(breakKgf * efficiency);
        expect(links.map(({ name }) => name)).toContain(weakest);
        expect(rateStrength([...links, another]).kgf).toBeLessThanOrEqual(kgf);
      }),
    );
  });

  it('names the first of equals', () => {
    expect(
      rateStrength([
        { name: 'a', breakKgf: 9 },
        { name: 'b', breakKgf: 9 },
      ]).weakest,
    ).toBe('a');
  });

  it('wants a link', () => {
    expect(() => rateStrength([])).toThrow(/at least one link/);
  });
});

describe('learnAllowance', () => {
  it('shares between two ends alike, takes the other off where they are not', () => {
    expect(learnAllowance({ cutMm: 180, madeMm: 100, ends: 2, otherMm: 99 })).toBe(40);
    expect(learnAllowance({ cutMm: 180, madeMm: 100, ends: 1, otherMm: 30 })).toBe(50);
    expect(learnAllowance({ cutMm: 100, madeMm: 110, ends: 2, otherMm: 0 })).toBeNull();
  });
});

describe('RIG_ENDS', () => {
  it('take more of a thicker line, and nothing where it is plain', () => {
    const facts = (lineMm: number) => ({ lineMm, crimpMm: 8, loopMm: 12, wireMm: 1 });
    for (const { id, usualMm } of RIG_ENDS) {
      expect(usualMm(facts(1))).toBeGreaterThanOrEqual(usualMm(facts(0.3)));
      if (id === 'plain') expect(usualMm(facts(1))).toBe(0);
    }
    expect(findEnd('crimp-loop').usualMm(facts(0.5))).toBe(20);
    expect(() => findEnd('glued' as never)).toThrow(/registered ends/);
  });
});

describe('findMatch', () => {
  const typical = { table: 'bead-by-line', from: 0.3, to: 0.5, takes: 4, basis: 'typical' } as const;

  it('goes by what the maker tried, and stops where the table does', () => {
    expect(findMatch([typical], 'bead-by-line', 0.3)?.takes).toBe(4);
    expect(findMatch([typical], 'bead-by-line', 0.5)).toBeNull();
    expect(findMatch([typical, { ...typical, takes: 5, basis: 'tried' }], 'bead-by-line', 0.4)?.takes).toBe(
      5,
    );
    expect(findMatch([typical], 'ring-by-load', 0.4)).toBeNull();
  });
});

describe('castPlate', () => {
  const lead = { densityGcm3: 11.34, shrinkLinear: 0.01 };
  const plate = {
    form: 'oblong' as const,
    longMm: 40,
    wideMm: 20,
    holes: 2,
    holeMm: 3,
    massG: 30,
    metal: lead,
  };

  it('is as thick as its weight wants, by what a casting of its cavity weighs', () => {
    const cast = castPlate(plate)!;
    const pins = { name: 'pin', count: 2, massG: 0, volumeCm3: cast.pinCm3, removed: true };
    const weighed = predictCasting(cast.cavityCm3, lead, [pins]);
    expect(weighed.ok && weighed.value.finishedG).toBeCloseTo(30, 9);
    expect(castPlate({ ...plate, massG: 60 })!.thickMm).toBeCloseTo(2 * cast.thickMm, 9);
  });

  it('may be round: as thick as a disc of that weight', () => {
    const cast = castPlate({ ...plate, form: 'round' })!;
    expect(cast.cavityCm3 / cast.thickMm).toBeCloseTo((Math.PI * 20 ** 2) / 1000, 9);
    const measured = measureSolid(cast.solid);
    expect(measured.ok && measured.value.volumeCm3).toBeCloseTo(cast.cavityCm3, 9);
    const pins = { name: 'pin', count: 2, massG: 0, volumeCm3: cast.pinCm3, removed: true };
    const weighed = predictCasting(cast.cavityCm3, lead, [pins]);
    expect(weighed.ok && weighed.value.finishedG).toBeCloseTo(30, 9);
    expect(castPlate({ ...plate, form: 'round', holeMm: 40 })).toBeNull();
  });

  it('is none where its holes leave no face', () => {
    expect(castPlate({ ...plate, holeMm: 20 })).toBeNull();
    expect(castPlate({ ...plate, wideMm: 4, longMm: 4, holes: 6 })).toBeNull();
  });

  it('has its holes evenly along it', () => {
    expect(rivetSpots(40, 2)).toEqual([-10, 10]);
    expect(rivetSpots(30, 0)).toEqual([]);
  });
});

describe('gradedWeights', () => {
  it('is sorted, each as near as whole shot come', () => {
    const set = gradedWeights([30, 20], { shotG: 1.26, shotMm: 6, sealMm: 8, besideG: 0.2 });
    expect(set.map(({ targetG }) => targetG)).toEqual([20, 30]);
    for (const { targetG, massG } of set) expect(Math.abs(massG - targetG)).toBeLessThanOrEqual(0.63 + 1e-9);
  });
});

describe('lengthsOnShelf', () => {
  it('adds up to the bin, whatever was received, cut and counted', () => {
    const entries = fc.array(
      fc.record({
        lengthId: fc.option(fc.constantFrom('a', 'b', 'c'), { nil: null }),
        qty: fc.integer({ min: 1, max: 5000 }),
      }),
    );
    fc.assert(
      fc.property(entries, (list) => {
        const level = list.reduce((sum, { qty }) => sum + qty, 0);
        const lengths = lengthsOnShelf(list, level);
        expect(lengths.reduce((sum, { mm }) => sum + mm, 0)).toBeCloseTo(level, 6);
        expect(lengths.map(({ mm }) => mm)).toEqual(lengths.map(({ mm }) => mm).sort((x, y) => y - x));
      }),
    );
  });

  it('leaves out what is used up and marks what was cut from', () => {
    const entries = [
      { lengthId: 'a', qty: 5000 },
      { lengthId: 'a', qty: -800 },
      { lengthId: 'b', qty: 300 },
      { lengthId: 'b', qty: -300 },
    ];
    expect(lengthsOnShelf(entries, 4250)).toEqual([
      { id: 'a', mm: 4200, isOffcut: true },
      { id: null, mm: 50, isOffcut: false },
    ]);
  });
});
