import type { CastFlaw } from '@/core/freezing/cast-flaws';
import { changeText, flawSentence, flawTitle, mendsText } from './cast-words';
import { METRIC } from './written-in';

const bounds = { min: [0, -6, -6], max: [27, 6, 6] } as const;
const HOLLOW: CastFlaw = {
  kind: 'hollow',
  atMm: [23, 0, 0],
  share: 0.01,
  shutAtMm: [15.1, 0, 0],
  isByGate: false,
  beforeS: 0.44,
};
const AIR: CastFlaw = { kind: 'air', atMm: [9, 0, 5], share: 0.02 };
const told = (flaw: CastFlaw, units = METRIC) =>
  flawSentence(flaw, { bounds, bodyMm3: 1300 }, 'above', units);

describe('flawSentence', () => {
  it('says what cannot feed what, where, and what to expect', () => {
    expect(told(HOLLOW)).toBe(
      'It is solid 15 mm from the nose 0.4 s before the body 23 mm from the nose, so nothing feeds that place. Expect a dimple or a hollow there, about 2.92 mm across.',
    );
    expect(told({ ...HOLLOW, isByGate: true })).toMatch(/^The gate is solid 0\.4 s before/);
  });

  it('is written in the maker’s own units', () => {
    expect(told(AIR, { ...METRIC, length: 'in' })).toMatch(/ in from the nose/);
    expect(told(AIR)).toContain('Scratch a vent there');
  });
});

describe('changeText', () => {
  const gate = { side: 'above', at: 0.5, wideMm: 4 } as const;

  it('says a drill where only the width is another, else the place', () => {
    expect(changeText({ is: 'gate', gate: { ...gate, wideMm: 7 } }, gate, bounds, METRIC)).toBe(
      'Drill the gate to 7 mm',
    );
    expect(changeText({ is: 'gate', gate: { ...gate, at: 0.2 } }, gate, bounds, METRIC)).toBe(
      'Gate 5.4 mm from the nose, 4 mm wide',
    );
    expect(changeText({ is: 'block', blockC: 160 }, gate, bounds, METRIC)).toBe('Block at 160 °C');
  });
});

describe('mendsText', () => {
  it('says what is gone, what stays and by how much, what is new', () => {
    expect(mendsText([AIR, HOLLOW], [{ ...HOLLOW, share: 0.004 }])).toBe(
      'Fixes: air stays in. Stays: a thin place freezes too soon, 1.0 % of the body to 0.4 %.',
    );
    expect(mendsText([AIR], [])).toBe('Fixes: air stays in. Nothing is left to fix.');
    expect(mendsText([], [AIR])).toBe('New: air stays in.');
    expect(flawTitle(AIR)).toBe('Air stays in');
  });
});
