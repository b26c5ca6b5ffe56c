import fc from 'fast-check';
import { calibrateCavity, type CastingSample } from './calibrate-cavity';
import { findSubstitutes } from './find-substitutes';
import { predictCasting } from './predict-casting';
import type { EmbeddedPart } from './embedded-part';

const LEAD = { densityGcm3: 11.03, shrinkLinear: 0.0065 };
const TIN = { densityGcm3: 7.29, shrinkLinear: 0.0046 };
const HOOK: EmbeddedPart = { name: 'hook', massG: 0.9, volumeCm3: 0.1146, embeddedShare: 0.3 };
const PIN: EmbeddedPart = { name: 'pin', massG: 2, volumeCm3: 0.08, removed: true };

function calibrated(samples: readonly CastingSample[]) {
  const found = calibrateCavity(samples);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
}

describe('calibrateCavity', () => {
  it('finds the volume that the castings came from, in any metal and on any hook', () => {
    const sample = fc.record({
      metal: fc.constantFrom(LEAD, TIN),
      embedded: fc.constantFrom([], [HOOK], [HOOK, PIN]),
      count: fc.integer({ min: 1, max: 9 }),
    });
    fc.assert(
      fc.property(
        fc.double({ min: 0.3, max: 8, noNaN: true }),
        fc.array(sample, { minLength: 2, maxLength: 6 }),
        (volumeCm3, plans) => {
          const samples = plans.map((plan) => {
            const cast = predictCasting(volumeCm3, plan.metal, plan.embedded);
            return { ...plan, weighedG: cast.ok ? cast.value.finishedG * plan.count : 0 };
          });
          const found = calibrated(samples);
          expect(found.cavityVolumeCm3 / volumeCm3).toBeCloseTo(1, 9);
          expect(found.standardErrorCm3).toBeCloseTo(0, 8);
          for (const { residualG } of found.samples) expect(residualG).toBeCloseTo(0, 8);
        },
      ),
    );
  });

  it('weights by count and gives the error by the formula', () => {
    const metal = { densityGcm3: 10, shrinkLinear: 0 };
    const found = calibrated([
      { weighedG: 10, count: 1, metal, embedded: [] },
      { weighedG: 33, count: 3, metal, embedded: [] },
    ]);
    // V1 = 1, V2 = 1.1, weighted 1.075; squares 0.075^2 + 3 x 0.025^2 = 0.0075; / (1 x 4)
    expect(found.cavityVolumeCm3).toBeCloseTo(1.075, 12);
    expect(found.standardErrorCm3).toBeCloseTo(Math.sqrt(0.0075 / 4), 12);
    expect(found.samples[0]!.residualG).toBeCloseTo(-0.75, 12);
  });

  it('knows no error from one weighing, and refuses a casting lighter than its hook', () => {
    const one = { weighedG: 5, count: 1, metal: LEAD, embedded: [HOOK] };
    expect(calibrated([one]).standardErrorCm3).toBeNull();
    expect(calibrateCavity([one, { ...one, weighedG: 0.8 }])).toMatchObject({
      problem: { code: 'cavity.lighter-than-hardware', path: ['samples', 1, 'weighedG'] },
    });
    expect(calibrateCavity([{ ...one, weighedG: 0, embedded: [] }])).toMatchObject({ ok: false });
  });
});

describe('findSubstitutes', () => {
  const cavities = [
    { id: 'small', cavityVolumeCm3: 0.9, embedded: [] },
    { id: 'large', cavityVolumeCm3: 1.35, embedded: [HOOK] },
    { id: 'blocked', cavityVolumeCm3: 0.07, embedded: [PIN] },
  ];
  const metals = [
    { id: 'lead', ...LEAD },
    { id: 'tin', ...TIN },
  ];

  it('lists what is near enough, nearest first, and leaves out what has no room', () => {
    const found = findSubstitutes(cavities, metals, 10, 0.2);
    if (!found.ok) throw new Error(found.problem.code);
    expect(found.value.map(({ cavityId, metalId }) => `${cavityId} ${metalId}`)).toEqual([
      'small lead',
      'large tin',
    ]);
    expect(Math.abs(found.value[0]!.offShare)).toBeLessThan(Math.abs(found.value[1]!.offShare));
  });

  it('gives an empty list for no match, and says so where there is nothing to choose from', () => {
    expect(findSubstitutes(cavities, metals, 500, 0.1)).toEqual({ ok: true, value: [] });
    expect(findSubstitutes([], metals, 10, 0.1)).toMatchObject({
      problem: { code: 'cavity.nothing-to-choose' },
    });
    expect(findSubstitutes(cavities, [], 10, 0.1)).toMatchObject({ ok: false });
  });
});
