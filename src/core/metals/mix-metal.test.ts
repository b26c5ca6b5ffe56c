import fc from 'fast-check';
import { ELEMENTS } from '@/reference/elements';
import { REFERENCE_METALS } from '@/reference/metals';
import { mixMetal } from './mix-metal';

function densityOf(composition: Record<string, number>): number {
  const mixed = mixMetal(composition, ELEMENTS);
  if (!mixed.ok) throw new Error(mixed.problem.code);
  return mixed.value.densityGcm3;
}

describe('mixMetal', () => {
  it('gives a pure element its own values', () => {
    for (const [symbol, element] of Object.entries(ELEMENTS)) {
      expect(densityOf({ [symbol]: 1 })).toBeCloseTo(element.densityGcm3, 12);
    }
  });

  it('adds volumes: lead with 4 % antimony', () => {
    // 0.96/11.34 + 0.04/6.69 = 0.0846561 + 0.0059791 cm3 a gram
    expect(densityOf({ Pb: 0.96, Sb: 0.04 })).toBeCloseTo(1 / (0.96 / 11.34 + 0.04 / 6.69), 12);
    expect(densityOf({ Pb: 0.96, Sb: 0.04 })).toBeCloseTo(11.033, 3);
  });

  it('adds heats by mass', () => {
    const mixed = mixMetal({ Bi: 0.58, Sn: 0.42 }, ELEMENTS);
    expect(mixed.ok && mixed.value.specificHeatJkgK).toBeCloseTo(0.58 * 122 + 0.42 * 227, 9);
  });

  it('lies between its lightest and its heaviest element', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1, noNaN: true }), (share) => {
        const density = densityOf({ Pb: share, Sn: 1 - share });
        expect(density).toBeGreaterThanOrEqual(7.29 - 1e-9);
        expect(density).toBeLessThanOrEqual(11.34 + 1e-9);
      }),
    );
  });

  it('refuses shares that do not sum to 1, and forgives a millionth', () => {
    expect(mixMetal({ Pb: 0.9, Sb: 0.04 }, ELEMENTS)).toMatchObject({
      ok: false,
      problem: { code: 'metal.shares-off' },
    });
    expect(mixMetal({ Pb: 0.9600005, Sb: 0.04 }, ELEMENTS).ok).toBe(true);
    expect(mixMetal({}, ELEMENTS).ok).toBe(false);
  });

  it('throws on an element it does not know', () => {
    expect(() => mixMetal({ Xx: 1 }, ELEMENTS)).toThrow(/known element; Xx/);
  });

  it('knows every metal of the reference list', () => {
    for (const metal of REFERENCE_METALS) expect(densityOf({ ...metal.composition })).toBeGreaterThan(7);
  });
});
