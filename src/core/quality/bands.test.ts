import { densityShareSd, guessedBand, hookSdG } from '../cavities/guessed-band';
import { checkRules, type MetalRule } from '../rules/check-rules';
import { doubtMetal } from './doubt-metal';

describe('the band of what nobody weighed twice', () => {
  it('is wider for what is guessed', () => {
    const facts = { metalG: 10, hook: null } as const;
    const [weighed, reference, guess] = (['weighed', 'reference', 'guess'] as const).map((densityBasis) =>
      guessedBand({ ...facts, densityBasis }),
    );
    expect(weighed).toBeGreaterThan(0.59);
    expect(weighed).toBeLessThan(reference!);
    expect(reference).toBeLessThan(guess!);
    const hook = { massG: 1, massBasis: 'guess' } as const;
    expect(guessedBand({ ...facts, densityBasis: 'weighed', hook })).toBeGreaterThan(weighed!);
    expect(hookSdG(hook) * 1.96).toBeCloseTo(0.15, 3);
    expect(densityShareSd('guess')).toBeGreaterThan(densityShareSd('weighed'));
  });
});

describe('doubtMetal', () => {
  const check = (ratio: number) => ({ weighedMetalG: 10 * ratio, predictedMetalG: 10 });

  it('doubts a metal whose castings are all light alike', () => {
    expect(doubtMetal([0.986, 0.987, 0.9855, 0.9865].map(check))).toMatchObject({ isDoubtful: true });
  });

  it('is slower to doubt on the word of few: three may lie so by chance', () => {
    // 1 % light with an error of 0.29 %: three and a half errors, and that in one of fourteen threes of good metal.
    expect(doubtMetal([0.985, 0.99, 0.995].map(check))).toMatchObject({ isDoubtful: false });
    expect(doubtMetal([0.985, 0.99, 0.995, 0.985, 0.99, 0.995].map(check))).toMatchObject({
      isDoubtful: true,
    });
  });

  it('does not blame the metal for one odd cavity, a trifle, or too few', () => {
    expect(doubtMetal([0.97, 1, 1.001, 0.999].map(check))).toMatchObject({ isDoubtful: false });
    expect(doubtMetal([0.997, 0.9972, 0.9969].map(check))).toMatchObject({ isDoubtful: false });
    expect(doubtMetal([0.98, 0.98].map(check))).toBeNull();
  });
});

describe('checkRules', () => {
  const rule: MetalRule = {
    id: 'r',
    place: '',
    from: null,
    until: null,
    element: 'Pb',
    overShare: 0.001,
    underG: null,
    underMm: null,
    isOn: true,
  };
  const casting = { massG: 10, lengthMm: 20, composition: { Pb: 1 }, day: '2026-11-28' };
  const verdict = (change: Partial<MetalRule>, of: Partial<typeof casting> | { composition: null } = {}) =>
    checkRules([{ ...rule, ...change }], { ...casting, ...of })[0]?.verdict ?? 'passes';

  it('bars by metal, mass and length', () => {
    expect(verdict({})).toBe('bars');
    expect(verdict({}, { composition: { Pb: 0.0005 } as { Pb: number } })).toBe('passes');
    expect(verdict({ underG: 10 })).toBe('passes');
    expect(verdict({ underG: 10.1 })).toBe('bars');
    expect(verdict({ underMm: 20 })).toBe('passes');
    expect(verdict({ underG: 5, underMm: 25 })).toBe('bars');
  });

  it('holds on its days and while it is on', () => {
    expect(verdict({ from: '2026-11-28', until: '2026-11-28' })).toBe('bars');
    expect(verdict({ from: '2026-11-29' })).toBe('passes');
    expect(verdict({ until: '2026-11-27' })).toBe('passes');
    expect(verdict({ isOn: false })).toBe('passes');
  });

  it('asks where it cannot tell', () => {
    expect(verdict({}, { composition: null })).toBe('asks');
    expect(checkRules([{ ...rule, underMm: 12 }], { ...casting, lengthMm: null })[0]?.verdict).toBe('asks');
    expect(verdict({ underG: 5 }, { composition: null })).toBe('passes');
  });
});
