import { repeatableRandom } from '../numeric/repeatable-random';
import { calibrateCavity } from '../cavities/calibrate-cavity';
import { predictionBand } from '../cavities/prediction-band';
import { checkRules, type MetalRule } from '../rules/check-rules';
import { doubtMetal } from './doubt-metal';

describe('predictionBand', () => {
  it('covers the truth in about 19 of 20 cavities calibrated from three castings', () => {
    const random = repeatableRandom(11);
    const normal = () => Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());
    const metal = { densityGcm3: 11, shrinkLinear: 0.0065 };
    const f = 11 * (1 - 0.0065) ** 3;
    const trials = 400;
    let covered = 0;
    for (let trial = 0; trial < trials; trial += 1) {
      const samples = [0, 1, 2].map(() => ({
        weighedG: f * 0.9 * (1 + 0.01 * normal()),
        count: 1,
        metal,
        embedded: [],
      }));
      const found = calibrateCavity(samples);
      if (!found.ok) throw new Error(found.problem.code);
      const { cavityVolumeCm3, standardErrorCm3 } = found.value;
      const bandG = predictionBand({
        metalG: f * cavityVolumeCm3,
        cavityVolumeCm3,
        standardErrorCm3,
        samples: 3,
        densityBasis: 'weighed',
        hook: null,
      });
      if (Math.abs(f * cavityVolumeCm3 - f * 0.9) <= bandG) covered += 1;
    }
    expect(covered / trials).toBeGreaterThan(0.92);
    expect(covered / trials).toBeLessThan(0.99);
  });

  it('is wider for what is guessed', () => {
    const facts = {
      metalG: 10,
      cavityVolumeCm3: 1,
      samples: 5,
      standardErrorCm3: 0.002,
      hook: null,
    } as const;
    const [weighed, reference, guess] = (['weighed', 'reference', 'guess'] as const).map((densityBasis) =>
      predictionBand({ ...facts, densityBasis }),
    );
    expect(weighed).toBeLessThan(reference!);
    expect(reference).toBeLessThan(guess!);
    const unweighed = predictionBand({ ...facts, standardErrorCm3: null, densityBasis: 'weighed' });
    expect(unweighed).toBeGreaterThan(0.59);
    const hook = { massG: 1, massBasis: 'guess' } as const;
    expect(predictionBand({ ...facts, densityBasis: 'weighed', hook })).toBeGreaterThan(0.15);
  });
});

describe('doubtMetal', () => {
  const check = (ratio: number) => ({ weighedMetalG: 10 * ratio, predictedMetalG: 10 });

  it('doubts a metal whose castings are all light alike', () => {
    expect(doubtMetal([0.986, 0.987, 0.9855, 0.9865].map(check))).toMatchObject({ isDoubtful: true });
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
