import fc from 'fast-check';
import { predictCasting } from '../cavities/predict-casting';
import { loftMesh } from '../meshes/loft-mesh';
import { measureMesh } from '../meshes/measure-mesh';
import { loftMoments } from './loft';
import { measureSolid } from './measure-solid';
import { scaleSolid } from './scale-solid';
import { shapeOf, type Part, type Solid } from './solid';
import { solveSolid, type Vary } from './solve-solid';

const PEWTER = { densityGcm3: 7.26, shrinkLinear: 0.0048 };
const size = fc.double({ min: 0.5, max: 60, noNaN: true });

const part: fc.Arbitrary<Part> = fc.oneof(
  fc.record({ shape: fc.constant('cylinder' as const), diameterMm: size, heightMm: size }),
  fc.record({
    shape: fc.constant('frustum' as const),
    bottomDiameterMm: size,
    topDiameterMm: fc.oneof(size, fc.constant(0)),
    heightMm: size,
  }),
  fc.record({ shape: fc.constant('sphere' as const), diameterMm: size }),
  fc.record({ shape: fc.constant('hemisphere' as const), diameterMm: size }),
  fc.record({ shape: fc.constant('ellipsoid' as const), xMm: size, yMm: size, zSizeMm: size }),
  fc.record({ shape: fc.constant('box' as const), xMm: size, yMm: size, zSizeMm: size }),
);

function measured(solid: Solid) {
  const found = measureSolid(solid);
  if (!found.ok) throw new Error(found.problem.code);
  return found.value;
}

describe('measureSolid', () => {
  it('agrees with the mesh of each shape', () => {
    fc.assert(
      fc.property(part, (each) => {
        const mesh = measureMesh(loftMesh(shapeOf(each).loft(each), 128));
        const { volumeCm3, centroidZMm } = measured({ parts: [each] });
        expect(mesh.watertight).toBe(true);
        expect(mesh.volumeCm3 / volumeCm3).toBeCloseTo(1, 2);
        expect(mesh.centroidMm[2] / centroidZMm).toBeCloseTo(1, 2);
      }),
    );
  });

  it('knows the textbook bodies', () => {
    expect(measured({ parts: [{ shape: 'sphere', diameterMm: 20 }] }).volumeCm3).toBeCloseTo(4.18879, 5);
    const cone: Part = { shape: 'frustum', bottomDiameterMm: 20, topDiameterMm: 0, heightMm: 30 };
    expect(measured({ parts: [cone] })).toEqual({
      volumeCm3: expect.closeTo(Math.PI, 10) as number,
      centroidZMm: expect.closeTo(7.5, 10) as number,
    });
    expect(measured({ parts: [{ shape: 'hemisphere', diameterMm: 16 }] }).centroidZMm).toBeCloseTo(3, 12);
    const pyramid = {
      section: 'square',
      depth: 1,
      profile: [
        [15, 0],
        [0, 40],
      ],
    } as const;
    expect(loftMoments(pyramid).volumeMm3).toBeCloseTo((30 * 30 * 40) / 3, 8);
  });

  it('turns a ball into the ball', () => {
    const steps = 4000;
    const profile = Array.from({ length: steps + 1 }, (_, step) => {
      const z = 10 - 10 * Math.cos((Math.PI * step) / steps);
      return [Math.sqrt(Math.max(0, 100 - (z - 10) ** 2)), z] as const;
    });
    const turned = measured({ parts: [{ shape: 'revolve', profile }] });
    expect(turned.volumeCm3 / ((4 / 3) * Math.PI)).toBeCloseTo(1, 6);
    expect(turned.centroidZMm).toBeCloseTo(10, 6);
  });

  it('grows by the cube, and its center moves along', () => {
    fc.assert(
      fc.property(
        fc.array(part, { minLength: 1, maxLength: 4 }),
        fc.double({ min: 0.1, max: 10, noNaN: true }),
        (parts, k) => {
          const solid = { parts: parts.map((each, index) => ({ ...each, zMm: index * 7 - 3 })) };
          const grown = measured(scaleSolid(solid, k));
          expect(grown.volumeCm3 / measured(solid).volumeCm3 / k ** 3).toBeCloseTo(1, 9);
          expect(grown.centroidZMm).toBeCloseTo(measured(solid).centroidZMm * k, 6);
        },
      ),
    );
  });

  it('cuts and counts', () => {
    const ring: Solid = {
      parts: [
        { shape: 'cylinder', diameterMm: 20, heightMm: 10 },
        { shape: 'cylinder', diameterMm: 4, heightMm: 10, sign: -1, count: 3 },
      ],
    };
    expect(measured(ring).volumeCm3).toBeCloseTo((Math.PI * 10 * (100 - 3 * 4)) / 1000, 12);
  });

  it('refuses what is all cut away, and a profile that falls', () => {
    const hole: Part = { shape: 'sphere', diameterMm: 5, sign: -1 };
    expect(measureSolid({ parts: [hole] })).toMatchObject({ ok: false, problem: { code: 'solid.nothing' } });
    const falls: Part = {
      shape: 'revolve',
      profile: [
        [0, 0],
        [5, 4],
        [5, 3],
        [0, 9],
      ],
    };
    expect(measureSolid({ parts: [falls] })).toMatchObject({
      ok: false,
      problem: { code: 'solid.profile-falls', facts: { point: 2 } },
    });
  });
});

describe('solveSolid', () => {
  const hook = { name: 'hook', massG: 0.9, volumeCm3: 0.115, embeddedShare: 0.3 };
  const disc: Solid = {
    parts: [
      { shape: 'cylinder', diameterMm: 2.5, heightMm: 6, count: 2 },
      { shape: 'cylinder', diameterMm: 30, heightMm: 5, zMm: 6 },
    ],
  };

  it('finds the depth that gives 30 g of pewter, by hand', () => {
    const bare = { parts: [{ shape: 'cylinder', diameterMm: 30, heightMm: 1 }] } as const;
    const solved = solveSolid(bare, PEWTER, [], 30, { kind: 'field', part: 0, field: 'heightMm' });
    const depth = (30 / (7.26 * 0.9952 ** 3) / (Math.PI * 1.5 ** 2)) * 10;
    expect(solved.ok && solved.value.value / depth).toBeCloseTo(1, 12);
  });

  const fields: Vary[] = [
    { kind: 'scale' },
    { kind: 'field', part: 1, field: 'heightMm' },
    { kind: 'field', part: 1, field: 'diameterMm' },
    { kind: 'field', part: 0, field: 'heightMm' },
  ];

  it.each(fields)('makes the weight asked, varying %j', (vary) => {
    fc.assert(
      fc.property(fc.double({ min: 30, max: 200, noNaN: true }), (targetG) => {
        const solved = solveSolid(disc, PEWTER, [hook], targetG, vary);
        if (!solved.ok) throw new Error(solved.problem.code);
        const cast = predictCasting(measured(solved.value.solid).volumeCm3, PEWTER, [hook]);
        expect(cast.ok && cast.value.finishedG / targetG).toBeCloseTo(1, 9);
        expect(solved.value.finishedG / targetG).toBeCloseTo(1, 9);
      }),
    );
  });

  it('widens a hole that makes it lighter', () => {
    const ring: Solid = {
      parts: [
        { shape: 'cylinder', diameterMm: 20, heightMm: 10 },
        { shape: 'cylinder', diameterMm: 4, heightMm: 10, sign: -1 },
      ],
    };
    const solved = solveSolid(ring, PEWTER, [], 20, { kind: 'field', part: 1, field: 'diameterMm' });
    const wanted = Math.sqrt(400 - (20 / (7.26 * 0.9952 ** 3)) * (1000 / 10) * (4 / Math.PI));
    expect(solved.ok && solved.value.value).toBeCloseTo(wanted, 9);
  });

  it('says where no size does it, and what is no size', () => {
    const code = (vary: Vary, targetG: number) => {
      const solved = solveSolid(disc, PEWTER, [hook], targetG, vary);
      return solved.ok ? null : solved.problem.code;
    };
    expect(code({ kind: 'scale' }, 0.9)).toBe('solid.out-of-reach');
    expect(code({ kind: 'field', part: 0, field: 'heightMm' }, 5)).toBe('solid.out-of-reach');
    for (const field of ['zMm', 'shape', 'count', 'profile', 'widthMm']) {
      expect(code({ kind: 'field', part: 0, field }, 30)).toBe('solid.not-a-dimension');
    }
    expect(code({ kind: 'field', part: 7, field: 'heightMm' }, 30)).toBe('solid.not-a-dimension');
  });
});
