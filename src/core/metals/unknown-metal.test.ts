import fc from 'fast-check';
import { repeatableRandom } from '../numeric/repeatable-random';
import { waterDensity } from '../water/water-density';
import { bindTungsten } from './bind-tungsten';
import { blendLots, type BlendLot } from './blend-lots';
import { rankAlloys } from './rank-alloys';
import { weighInWater } from './weigh-in-water';
import { weighingError } from './weighing-error';

describe('waterDensity', () => {
  // IAPWS-95 at one atmosphere, as the usual tables print it.
  it.each([
    [0, 0.99984],
    [4, 0.99997],
    [10, 0.9997],
    [20, 0.99821],
    [25, 0.99705],
    [30, 0.99565],
    [40, 0.99222],
  ])('is right to a hundredth of a percent at %d C', (celsius, table) => {
    expect(Math.abs(waterDensity(celsius) / table - 1)).toBeLessThan(1e-4);
  });
});

describe('weighInWater', () => {
  it('finds the density that was weighed', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.5, max: 19.3, noNaN: true }),
        fc.double({ min: 1, max: 500, noNaN: true }),
        fc.double({ min: 0, max: 40, noNaN: true }),
        (density, volumeCm3, waterC) => {
          const airG = volumeCm3 * (density - 0.0012);
          const submergedG = volumeCm3 * (density - waterDensity(waterC));
          const found = weighInWater(airG, submergedG, waterC);
          expect(found.ok && found.value.densityGcm3 / density).toBeCloseTo(1, 9);
        },
      ),
    );
  });

  it('refuses a piece no lighter in water', () => {
    expect(weighInWater(10, 10, 20)).toMatchObject({ problem: { code: 'metal.not-lighter-in-water' } });
  });
});

describe('weighingError', () => {
  it('is what a small slip of the scale does to the density', () => {
    const density = (airG: number, submergedG: number) => {
      const found = weighInWater(airG, submergedG, 20);
      return found.ok ? found.value.densityGcm3 : 0;
    };
    const slip = density(100, 91.3) - density(100, 91.2);
    expect(slip / weighingError(density(100, 91.2), 100, 91.2, 0.1 / Math.SQRT2)).toBeCloseTo(1, 1);
  });
});

describe('rankAlloys', () => {
  const alloys = [
    { key: 'soft', densityGcm3: 11.34 },
    { key: 'lead-2', densityGcm3: 11.185 },
    { key: 'tin', densityGcm3: 7.29 },
    { key: 'pewter', densityGcm3: 7.28 },
  ];

  it('does not tell apart what density cannot', () => {
    const fits = rankAlloys(7.28, 0.005, alloys).filter((each) => each.fits);
    expect(fits.map(({ key }) => key)).toEqual(['pewter', 'tin']);
  });

  it('takes what is sold over a range for its whole range, and nothing past it', () => {
    const sintered = [{ key: 'sintered', densityGcm3: 17.75, halfRangeGcm3: 0.75 }];
    const fits = (density: number) => rankAlloys(density, 0.01, sintered)[0]!.fits;
    expect([16.8, 17, 17.2, 18.5, 18.7].map(fits)).toEqual([false, true, true, true, false]);
  });

  it('rules out the near with a good scale and not with a poor one', () => {
    const fitting = (error: number) =>
      rankAlloys(11.34, error, alloys).flatMap(({ key, fits }) => (fits ? [key] : []));
    expect(fitting(0.01)).toEqual(['soft']);
    expect(fitting(0.1)).toEqual(['soft', 'lead-2']);
  });
});

describe('bindTungsten', () => {
  it('runs from bare resin to close packing, and no further', () => {
    expect(bindTungsten(0, 1.1, 19.25)).toEqual({
      ok: true,
      value: { densityGcm3: 1.1, tungstenMassShare: 0 },
    });
    const packed = bindTungsten(0.64, 1.1, 19.25);
    expect(packed.ok && packed.value.densityGcm3).toBeCloseTo(0.64 * 19.25 + 0.36 * 1.1, 12);
    expect(bindTungsten(0.65, 1.1, 19.25)).toMatchObject({ problem: { code: 'metal.too-packed' } });
  });
});

describe('blendLots', () => {
  const soft: BlendLot = { id: 'soft', composition: { Pb: 1 }, availableG: 5000, costPerKg: 2 };
  const type: BlendLot = {
    id: 'type',
    composition: { Pb: 0.8, Sb: 0.15, Sn: 0.05 },
    availableG: 1000,
    costPerKg: 6,
  };

  it('takes the least of the dearer lot that reaches the band', async () => {
    const blend = await blendLots([soft, type], { Sb: { min: 0.03, max: 0.05 } }, 1000);
    expect(blend).toMatchObject({ ok: true, value: { feasible: true, worstMissShare: 0 } });
    if (!blend.ok) return;
    expect(blend.value.picks).toEqual([
      { id: 'soft', g: expect.closeTo(800, 6) as number },
      { id: 'type', g: expect.closeTo(200, 6) as number },
    ]);
    expect(blend.value.composition).toMatchObject({ Sb: expect.closeTo(0.03, 9) as number });
    expect(blend.value.cost).toBeCloseTo(0.8 * 2 + 0.2 * 6, 9);
  });

  it('gives the nearest and its miss where the band is out of reach', async () => {
    const blend = await blendLots([soft, type], { Sb: { min: 0.2 } }, 1000);
    expect(blend).toMatchObject({ ok: true, value: { feasible: false } });
    expect(blend.ok && blend.value.worstMissShare).toBeCloseTo(0.05, 9);
    expect(blend.ok && blend.value.picks).toEqual([{ id: 'type', g: expect.closeTo(1000, 6) as number }]);
  });

  it('refuses crossed bands, too little metal, none, and a lot told twice', async () => {
    const code = async (...asked: Parameters<typeof blendLots>) => {
      const blend = await blendLots(...asked);
      return blend.ok ? null : blend.problem.code;
    };
    expect(await code([], {}, 1)).toBe('metal.no-lots');
    expect(await code([soft, soft], {}, 1)).toBe('metal.same-lot-twice');
    expect(await code([soft], { Pb: { min: 0.9, max: 0.8 } }, 1)).toBe('metal.band-crossed');
    expect(await code([soft], {}, 5001)).toBe('metal.too-little-stock');
    expect(await code([soft], {}, 5000)).toBeNull();
  });

  it('takes stock whole that falls short by rounding alone', async () => {
    const blend = await blendLots([{ ...soft, availableG: 1000 * (1 - 5e-10) }], {}, 1000);
    expect(blend.ok && blend.value.picks).toEqual([{ id: 'soft', g: expect.closeTo(1000, 5) as number }]);
  });

  it('is as good as trying every mix on a grid', async () => {
    const random = repeatableRandom(7);
    for (let trial = 0; trial < 12; trial += 1) {
      const lots = [0, 1, 2].map((index): BlendLot => {
        const sb = Math.round(random() * 20) / 100;
        return {
          id: `lot ${index}`,
          composition: { Pb: 1 - sb, Sb: sb },
          availableG: 300 + Math.round(random() * 700),
          costPerKg: 1 + random() * 5,
        };
      });
      const min = random() * 0.15;
      const max = min + random() * 0.03;
      const blend = await blendLots(lots, { Sb: { min, max } }, 900);
      if (!blend.ok) continue;
      const step = 5;
      let best = { miss: Infinity, cost: Infinity };
      const [one, two, three] = lots;
      for (let a = 0; a <= Math.min(900, one!.availableG); a += step) {
        for (let b = 0; b <= Math.min(900 - a, two!.availableG); b += step) {
          const c = 900 - a - b;
          if (c > three!.availableG) continue;
          const sb = (a * one!.composition.Sb! + b * two!.composition.Sb! + c * three!.composition.Sb!) / 900;
          const miss = Math.max(0, min - sb, sb - max);
          const cost = (a * one!.costPerKg + b * two!.costPerKg + c * three!.costPerKg) / 1000;
          if (miss < best.miss || (miss === best.miss && cost < best.cost)) best = { miss, cost };
        }
      }
      expect(blend.value.worstMissShare).toBeLessThanOrEqual(best.miss + 1e-9);
      expect(best.miss - blend.value.worstMissShare).toBeLessThan(0.002);
      if (blend.value.feasible && best.miss === 0) {
        expect(blend.value.cost).toBeLessThanOrEqual(best.cost + 1e-9);
        expect(best.cost - blend.value.cost).toBeLessThan(0.08);
      }
    }
  });
});
