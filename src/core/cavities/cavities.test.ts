import fc from 'fast-check';
import { castGramsPerCm3 } from './cast-grams-per-cm3';
import { cavityModulus } from './cavity-modulus';
import { guessHookMass } from './guess-hook-mass';
import { predictCasting } from './predict-casting';
import { shapeCavity } from './shape-cavity';
import { findStyle, HEAD_STYLES } from './styles';
import { round } from './styles/round';

const LEAD = { densityGcm3: 11.34, shrinkLinear: 0.008 };

describe('predictCasting', () => {
  it('weighs a bare cavity', () => {
    const cast = predictCasting(1, LEAD, []);
    expect(cast.ok && cast.value.metalG).toBeCloseTo(11.34 * 0.992 ** 3, 12);
    expect(cast.ok && cast.value.finishedG).toBe(cast.ok && cast.value.metalG);
  });

  it('makes room for hooks, keeps their mass, and pulls pins', () => {
    const metal = { densityGcm3: 10, shrinkLinear: 0 };
    const cast = predictCasting(2, metal, [
      { name: 'hook', massG: 1.57, volumeCm3: 0.2, embeddedShare: 0.5 },
      { name: 'prong', count: 2, massG: 0.1, volumeCm3: 0.05 },
      { name: 'pin', massG: 3, volumeCm3: 0.3, removed: true },
    ]);
    // 0.1 + 0.1 + 0.3 = 0.5 cm3 displaced; 15 g of metal; 1.57 + 0.2 g stay
    expect(cast).toMatchObject({ ok: true });
    expect(cast.ok && cast.value.displacedCm3).toBeCloseTo(0.5, 12);
    expect(cast.ok && cast.value.metalG).toBeCloseTo(15, 12);
    expect(cast.ok && cast.value.finishedG).toBeCloseTo(16.77, 12);
  });

  it('says so where nothing is left for metal', () => {
    const hook = { name: 'hook', massG: 8, volumeCm3: 1 };
    expect(predictCasting(1, LEAD, [hook])).toMatchObject({
      ok: false,
      problem: { code: 'cavity.no-room', facts: { displacedCm3: 1, cavityVolumeCm3: 1 } },
    });
  });

  it('gives a metal that swells more than its own volume', () => {
    expect(castGramsPerCm3({ densityGcm3: 8.7, shrinkLinear: -0.01 })).toBeGreaterThan(8.7);
    expect(castGramsPerCm3({ densityGcm3: 10, shrinkLinear: 0.01 })).toBeCloseTo(9.70299, 12);
  });
});

describe('shapeCavity', () => {
  it('scales a cylinder to its volume', () => {
    const cylinder = {
      ...round,
      depth: 1,
      outline: [
        [0, 0],
        [0, 1],
        [1, 1],
        [1, 0],
      ] as const,
    };
    expect(shapeCavity(cylinder, Math.PI).radiusMm).toBeCloseTo(10, 9);
  });

  it.each(HEAD_STYLES.map((style) => [style.name, style] as const))(
    'gives a %s the volume asked',
    (_, style) => {
      fc.assert(
        fc.property(fc.double({ min: 0.05, max: 12, noNaN: true }), (volumeCm3) => {
          const { outlineMm } = shapeCavity(style, volumeCm3);
          // Thin slices along the axis, each an ellipse as high as the outline and `depth` times as wide.
          let mm3 = 0;
          for (let index = 1; index < outlineMm.length; index += 1) {
            const [x0, r0] = outlineMm[index - 1]!;
            const [x1, r1] = outlineMm[index]!;
            const slices = 40;
            for (let slice = 0; slice < slices; slice += 1) {
              const r = r0 + ((r1 - r0) * (slice + 0.5)) / slices;
              mm3 += Math.PI * r * r * style.depth * ((x1 - x0) / slices);
            }
          }
          expect(mm3 / 1000 / volumeCm3).toBeCloseTo(1, 2);
        }),
        { numRuns: 20 },
      );
    },
  );

  it('draws a round head about as large as its ball', () => {
    // A ball of 1 cm3 is 6.2 mm in radius; the keeper takes some of the metal.
    const { radiusMm } = shapeCavity(round, 1);
    expect(radiusMm).toBeGreaterThan(5.6);
    expect(radiusMm).toBeLessThan(6.2);
  });

  it('throws on an outline without a volume', () => {
    expect(() =>
      shapeCavity(
        {
          ...round,
          outline: [
            [0, 0],
            [1, 0],
          ],
        },
        1,
      ),
    ).toThrow(/enclose a volume/);
  });
});

describe('styles', () => {
  it('have keys of their own, closed outlines that never turn back', () => {
    expect(new Set(HEAD_STYLES.map((style) => style.key)).size).toBe(HEAD_STYLES.length);
    for (const { outline } of HEAD_STYLES) {
      expect(outline[0]![1]).toBe(0);
      expect(outline.at(-1)![1]).toBeCloseTo(0, 9);
      for (let index = 1; index < outline.length; index += 1) {
        expect(outline[index]![0]).toBeGreaterThanOrEqual(outline[index - 1]![0] - 1e-9);
      }
    }
    expect(findStyle('round')).toBe(round);
    expect(findStyle('cube')).toBeUndefined();
  });
});

describe('cavityModulus', () => {
  const none = { volumeCm3: 1, outline: null };

  it('is that of the outline scaled to the volume, for every style', () => {
    for (const style of HEAD_STYLES) {
      const { outlineMm: points } = shapeCavity(style, 1.7);
      const outline = { section: 'round', depth: style.depth, points } as const;
      const measured = cavityModulus({ style: 'none', volumeCm3: 1.7, outline })!;
      expect(cavityModulus({ style: style.key, volumeCm3: 1.7, outline: null })! / measured).toBeCloseTo(
        1,
        9,
      );
    }
  });

  it('is volume over area of an outline of its own: of a cylinder by hand', () => {
    const cylinder = (radius: number) => ({
      section: 'round' as const,
      depth: 1,
      points: [
        [0, radius],
        [10, radius],
      ] as const,
    });
    const outline = cylinder(5);
    // 250 pi over 150 pi; the rim is a polygon of 32 corners.
    for (const asked of [outline, outline]) {
      expect(cavityModulus({ ...none, style: 'round', outline: asked })).toBeCloseTo(5 / 3, 2);
    }
    // 90 pi over 78 pi: another outline is another cavity.
    expect(cavityModulus({ ...none, style: 'round', outline: cylinder(3) })).toBeCloseTo(90 / 78, 2);
  });

  it('is unknown of a style that nobody drew', () => {
    expect(cavityModulus({ ...none, style: 'cube' })).toBeNull();
  });
});

describe('guessHookMass', () => {
  it('grows with wire, shank and gape', () => {
    const small = { wireMm: 1, shankMm: 28, gapeMm: 11 };
    for (const key of ['wireMm', 'shankMm', 'gapeMm'] as const) {
      expect(guessHookMass({ ...small, [key]: small[key] * 1.2 })).toBeGreaterThan(guessHookMass(small));
    }
    expect(guessHookMass({ wireMm: 1.1, shankMm: 34, gapeMm: 13 })).toBeCloseTo(0.549, 2);
  });
});
