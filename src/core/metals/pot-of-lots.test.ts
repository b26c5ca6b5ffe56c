import fc from 'fast-check';
import { ELEMENTS } from '@/reference/elements';
import { densityFromCasting } from './density-from-casting';
import { guidePot } from './guide-pot';
import { chargeProblem, judgeCharge } from './judge-charge';
import { meltLots } from './melt-lots';
import { mixMetal } from './mix-metal';

describe('judgeCharge', () => {
  const lead = { name: 'Lot 1', composition: { Pb: 1 }, g: 1000 };
  const zinc = { name: 'Zinc', composition: { Zn: 1 }, g: 10 };

  it('keeps powder that is bound cold out of every pot, also alone', () => {
    const powder = { name: 'Tungsten', composition: { W: 1 }, g: 10 };
    expect(judgeCharge([powder], 4500)).toEqual([{ why: 'cold', name: 'Tungsten' }]);
    expect(judgeCharge([lead, powder], 4500)).toEqual([{ why: 'cold', name: 'Tungsten' }]);
    expect(judgeCharge([lead, { ...powder, g: 0 }], 4500)).toEqual([]);
    expect(judgeCharge([{ ...powder, composition: null }], 4500)).toEqual([]);
    const [stop] = judgeCharge([powder], 4500);
    expect(chargeProblem(stop!)).toEqual({ code: 'bench.cold-in-pot', name: 'Tungsten' });
  });

  it('keeps zinc out of lead and tin, whichever went in first', () => {
    const tin = { name: 'Tin', composition: { Sn: 1 }, g: 100 };
    expect(judgeCharge([lead, zinc], 4500)).toEqual([{ why: 'zinc', zinc: 'Zinc', other: 'Lot 1' }]);
    expect(judgeCharge([zinc, tin], 4500)).toMatchObject([{ why: 'zinc', other: 'Tin' }]);
    expect(judgeCharge([zinc], 4500)).toEqual([]);
    expect(judgeCharge([lead, { ...zinc, g: 0 }], 4500)).toEqual([]);
  });

  it('does not overfill, to the gram, and lets the unknown in', () => {
    expect(judgeCharge([{ ...lead, g: 4500 }], 4500)).toEqual([]);
    expect(judgeCharge([{ ...lead, g: 4501 }], 4500)).toMatchObject([{ why: 'overfull', chargeG: 4501 }]);
    expect(judgeCharge([lead, { name: 'scrap', composition: null, g: 50 }], 4500)).toEqual([]);
  });
});

describe('meltLots', () => {
  const lot = (composition: Record<string, number> | null, g: number, costPerKg: number | null = 2) => {
    const mixed = composition && mixMetal(composition, ELEMENTS);
    const densityGcm3 = mixed?.ok ? mixed.value.densityGcm3 : 11;
    return { g, composition, densityGcm3, shrinkLinear: 0.007, costPerKg };
  };

  it('gives the density of the mixed composition: both add volumes', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 1, max: 5000, noNaN: true }),
        fc.double({ min: 0, max: 0.3, noNaN: true }),
        (a, b, sb) => {
          const melted = meltLots([lot({ Pb: 1 }, a), lot({ Pb: 1 - sb, Sb: sb }, b)]);
          const mixed = mixMetal({ ...melted.composition }, ELEMENTS);
          expect(mixed.ok && mixed.value.densityGcm3 / melted.densityGcm3).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('weighs cost by mass, and knows neither where a lot is unknown', () => {
    expect(meltLots([lot({ Pb: 1 }, 1000, 2), lot({ Sn: 1 }, 3000, 6)]).costPerKg).toBe(5);
    expect(meltLots([lot({ Pb: 1 }, 1000), lot(null, 10, null)])).toMatchObject({
      composition: null,
      costPerKg: null,
    });
    expect(() => meltLots([])).toThrow(/some metal/);
  });
});

describe('guidePot', () => {
  it('asks for hotter metal for thinner sections, and never under the liquidus', () => {
    const thick = guidePot([350, 410], 300, 4);
    const thin = guidePot([350, 410], 300, 0.5);
    expect(thick).toEqual({ coldUnderC: 325, hotOverC: 375 });
    expect(thin).toEqual({ coldUnderC: 385, hotOverC: 435 });
    expect(guidePot([300, 320], 300, 4).coldUnderC).toBe(310);
  });
});

describe('densityFromCasting', () => {
  it('finds the density that was cast, with an error that covers a common shrink', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 7, max: 11.4, noNaN: true }),
        fc.double({ min: 0.004, max: 0.009, noNaN: true }),
        (density, shrink) => {
          const pin = { name: 'pin', massG: 0, volumeCm3: 0.1, removed: true };
          const weighedG = 3 * density * (1 - shrink) ** 3 * (2 - 0.1);
          const cavity = { volumeCm3: 2, standardErrorCm3: 0.003, embedded: [pin] };
          const found = densityFromCasting(cavity, weighedG, 3, 0.03);
          if (!found.ok) throw new Error(found.problem.code);
          const off = Math.abs(found.value.densityGcm3 - density);
          expect(off).toBeLessThan(2 * found.value.standardErrorGcm3);
        },
      ),
    );
    expect(densityFromCasting({ volumeCm3: 1, standardErrorCm3: null, embedded: [] }, 0, 1, 0.1).ok).toBe(
      false,
    );
  });
});
