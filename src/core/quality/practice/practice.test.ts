import { findStyle } from '../../cavities/styles';
import { changePour, goodState, posePour, type PracticeMetal } from './pose-casting';
import { practiceCavity } from './practice-cavity';
import { runLength } from './run-length';
import { simulateCasting } from './simulate-casting';
import { CHANGES, TROUBLES } from './trouble';

const LEAD: PracticeMetal = {
  metal: {
    conductivityWmK: 24,
    densityKgM3: 11_000,
    specificJkgK: 132,
    melting: { solidusC: 280, liquidusC: 300, latentJkg: 26_000 },
    surfaceNm: 0.45,
    freezingShrink: 0.035,
  },
  mold: {
    conductivityWmK: 160,
    densityKgM3: 2700,
    specificJkgK: 900,
    melting: null,
    contactWm2K: 2200,
    isPorous: false,
  },
  aimC: 390,
};
const cavityOf = (style: string, nominalG: number, volumeCm3: number) =>
  practiceCavity({ style, nominalG, volumeCm3, outline: null })!;
const CAVITIES = [cavityOf('round', 10, 0.9), cavityOf('football', 14, 1.2), cavityOf('ball', 40, 3.6)];

describe('runLength', () => {
  const pouring = { potC: 390, moldC: 130, speedMs: 0.22, thinModulusMm: 0.3 };

  it('is the fluidity length: twice as far at twice the speed, and about so at twice the modulus', () => {
    const once = runLength(LEAD, pouring);
    // With a mold that holds nothing back itself, by hand.
    const open = { ...LEAD, mold: { ...LEAD.mold, conductivityWmK: 1e9 } };
    const byHand = (11_000 * 0.22 * 0.3e-3 * (132 * 90 + 0.3 * 26_000)) / (2200 * (290 - 130));
    expect(runLength(open, pouring)).toBeCloseTo(byHand * 1000, 2);
    expect(once).toBeGreaterThan(byHand * 1000);
    expect(runLength(LEAD, { ...pouring, speedMs: 0.44 })).toBeCloseTo(2 * once, 9);
    expect(runLength(LEAD, { ...pouring, thinModulusMm: 0.6 }) / once).toBeGreaterThan(2);
  });

  it('is nothing under the liquidus, and without end in a block as hot as the metal', () => {
    expect(runLength(LEAD, { ...pouring, potC: 299 })).toBe(0);
    expect(runLength(LEAD, { ...pouring, moldC: 300 })).toBe(Infinity);
  });
});

describe('simulateCasting', () => {
  const flawsOf = (cause: string, much = 0.8) => {
    const trouble = TROUBLES.find((each) => each.cause === cause)!;
    return simulateCasting(CAVITIES[0]!, LEAD, trouble.bend(goodState(LEAD), much), () => 0.5).flaws;
  };

  it('casts clean where all is as it should be', () => {
    for (const cavity of CAVITIES) {
      expect(simulateCasting(cavity, LEAD, goodState(LEAD), () => 0.5)).toMatchObject({ fill: 1, flaws: [] });
    }
  });

  it('shows each trouble as the trade knows it', () => {
    expect(flawsOf('cold-block')).toContain('wrinkled');
    expect(flawsOf('blocked')).toContain('short');
    // A gate half shut freezes long before what it feeds.
    expect(flawsOf('blocked')).toContain('porous');
    expect(flawsOf('hot-pot')).toEqual(['frosty']);
    expect(flawsOf('hot-block')).toEqual(['frosty']);
    expect(flawsOf('not-closed')).toEqual(['flash']);
    expect(flawsOf('damp')).toEqual(['porous']);
    expect(flawsOf('seated-wrong')).toEqual(['bent-hook']);
    const bare = { ...goodState(LEAD), isRocking: true };
    expect(simulateCasting(CAVITIES[2]!, LEAD, bare, () => 0.5).flaws).toEqual([]);
  });

  it('fills less the colder the block', () => {
    const fills = [160, 60, 20].map(
      (moldC) =>
        simulateCasting(CAVITIES[0]!, LEAD, { ...goodState(LEAD), moldC, potC: 320 }, () => 0.5).fill,
    );
    expect(fills[0]).toBeGreaterThan(fills[1]!);
    expect(fills[1]).toBeGreaterThan(fills[2]!);
  });
});

describe('posePour', () => {
  it('poses the same pour from the same number, always with a trouble that shows and can be mended', () => {
    const troubles = new Set<string>();
    for (let seed = 1; seed <= 120; seed += 1) {
      const posed = posePour(seed, CAVITIES, () => LEAD);
      expect(posePour(seed, CAVITIES, () => LEAD)).toEqual(posed);
      expect(posed.castings.every(({ flaws }) => flaws.length > 0)).toBe(true);
      expect(posed.mends.length).toBeGreaterThan(0);
      for (const { id } of CHANGES) {
        const after = changePour(posed, LEAD, id).castings;
        expect(after.every(({ flaws }) => flaws.length === 0)).toBe(posed.mends.includes(id));
      }
      troubles.add(posed.trouble);
    }
    expect(troubles.size).toBe(TROUBLES.length);
  });

  it('needs a cavity in which something can go wrong', () => {
    expect(() => posePour(1, [], () => LEAD)).toThrow(/requires a cavity/);
    const cold = { ...LEAD, aimC: 301 };
    expect(() => posePour(1, CAVITIES, () => cold)).toThrow(/trouble shows/);
  });
});

describe('practiceCavity', () => {
  it('takes length and thinness from the shape', () => {
    expect(practiceCavity({ style: 'ball', nominalG: 40, volumeCm3: 4.18879, outline: null })).toMatchObject({
      isHooked: false,
    });
    expect(cavityOf('ball', 40, 4.18879).lengthMm - 20).toBeCloseTo(0, 0);
    expect(findStyle('nothing')).toBeUndefined();
    expect(practiceCavity({ style: 'nothing', nominalG: 1, volumeCm3: 1, outline: null })).toBeNull();
  });
});
