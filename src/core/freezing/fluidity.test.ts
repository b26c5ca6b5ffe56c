import { settingOf } from '../../../tests/support/castings';
import { chokeS, frozenS } from './choke-time';
import { flashFromMm, skinPa } from './skin-pressure';

describe('chokeS', () => {
  it('goes with the modulus where the gap holds the heat back, with its square where the mold does', () => {
    const gap = settingOf({}, { mold: 'aluminum' });
    const tight = { ...gap, mold: { ...gap.mold, contactWm2K: 20 } };
    expect(chokeS(tight, 4) / chokeS(tight, 1)).toBeCloseTo(4, 1);
    const plaster = settingOf({ blockC: 20 }, { mold: 'plaster' });
    const close = { ...plaster, mold: { ...plaster.mold, contactWm2K: 1e7 } };
    expect(chokeS(close, 4) / chokeS(close, 1)).toBeCloseTo(16, 1);
  });

  it('is longer in a warmer block and with hotter metal, nothing in metal poured solid', () => {
    const cold = settingOf({ blockC: 20 });
    const warm = settingOf({ blockC: 180 });
    expect(chokeS(warm, 0.5)).toBeGreaterThan(1.5 * chokeS(cold, 0.5));
    expect(chokeS({ ...cold, pouredC: 430 }, 0.5)).toBeGreaterThan(chokeS(cold, 0.5));
    expect(chokeS({ ...cold, pouredC: 300 }, 0.5)).toBe(0);
    expect(chokeS({ ...cold, blockC: 400 }, 0.5)).toBe(Infinity);
  });

  it('is shorter than the whole freezing', () => {
    for (const modulus of [0.3, 1, 3]) {
      expect(chokeS(settingOf(), modulus)).toBeLessThan(frozenS(settingOf(), modulus));
    }
  });
});

describe('the skin', () => {
  it('of lead takes some 14 mm of lead into a plate of half a millimeter, as Young and Laplace have it', () => {
    const pascal = skinPa(0.458, 0.5);
    expect(pascal).toBeCloseTo((2 * 0.458 * 0.77) / 0.0005, 6);
    expect(flashFromMm(0.458, pascal)).toBeCloseTo(0.5, 9);
  });
});
