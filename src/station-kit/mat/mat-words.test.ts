import { profileFromAddress, profileInAddress } from './profile-in-address';
import { briefText, finelyText, toldOffText, toldText } from './told-text';

const size = (value: number, unit: 'mm' | 'mm2' | 'mm3' | 'pieces' = 'mm', off = 0.18) => ({
  id: 'lengthMm' as const,
  label: 'Length',
  value,
  unit,
  soft: 0,
  off,
});

describe('sizes told on the mat', () => {
  it('are written as finely as they are known, never rounded to a rule’s mark', () => {
    expect(finelyText(47.634, 'mm')).toBe('47.63 mm');
    expect(finelyText(47.625, 'in')).toBe('1.875 in');
    expect(toldText(size(9, 'pieces'), 'in')).toBe('9');
    expect(toldText(size(645.16, 'mm2'), 'in')).toBe('1 in²');
    expect(toldText(size(16387.064, 'mm3'), 'in')).toBe('1 in³');
    expect(toldOffText(size(47), 'mm')).toBe('± 0.18 mm');
    expect(toldOffText(size(9, 'pieces', 0), 'mm')).toBe('');
    expect(briefText([size(47.6), size(20.5), size(3)], 'mm')).toBe('47.6 × 20.5 mm');
  });
});

describe('a half outline in an address', () => {
  const profile = Array.from({ length: 100 }, (_, at): [number, number] => [
    Math.sin((at * Math.PI) / 99) * 6,
    at * 0.2,
  ]);

  it('comes back as the profile editor takes it, ends and all', () => {
    const back = profileFromAddress(profileInAddress(profile));
    expect(back).toHaveLength(24);
    expect(back?.[0]).toEqual([0, 0]);
    expect(back?.at(-1)).toEqual([19.8, 0]);
    expect(Math.max(...(back ?? []).map(([, r]) => r))).toBeCloseTo(6, 1);
  });

  it.each([null, '', '1', '0_0.1_1', 'a_b.c_d.e_f', '0_0.1_1.2', '0_0.1_1.2_-2'])('is none in %j', (said) => {
    expect(profileFromAddress(said)).toBeNull();
  });
});
