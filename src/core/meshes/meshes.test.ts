import fc from 'fast-check';
import { ballMesh, boxMesh, moved } from '../../../tests/support/test-meshes';
import { countEdges } from './count-edges';
import { findRestPoses } from './find-rest-poses';
import { hullFaces } from './hull-faces';
import { loftMesh } from './loft-mesh';
import { measureMesh } from './measure-mesh';
import { measureSkin } from './measure-skin';
import { meshBounds } from './mesh-bounds';
import { solidAngle } from './solid-angle';
import { weldMesh } from './weld-mesh';

const size = fc.double({ min: 0.5, max: 50, noNaN: true });

describe('measureMesh', () => {
  it('measures a box exactly, wherever it lies', () => {
    fc.assert(
      fc.property(size, size, size, fc.tuple(size, size, size), (x, y, z, by) => {
        const found = measureMesh(moved(boxMesh(x, y, z), by));
        expect(found.volumeCm3).toBeCloseTo((x * y * z) / 1000, 8);
        expect(found.areaCm2).toBeCloseTo((2 * (x * y + y * z + z * x)) / 100, 8);
        for (const [axis, edge] of [x, y, z].entries()) {
          expect(found.centroidMm[axis]).toBeCloseTo((by[axis] ?? 0) + edge / 2, 8);
          expect(found.boundsMm.max[axis]).toBeCloseTo((by[axis] ?? 0) + edge, 8);
        }
      }),
    );
  });

  it('grows by the cube with its size', () => {
    const head = loftMesh({
      section: 'half',
      depth: 1.4,
      profile: [
        [0, 0],
        [6, 4],
        [5, 9],
        [0, 15],
      ],
    });
    fc.assert(
      fc.property(fc.double({ min: 0.1, max: 10, noNaN: true }), (k) => {
        const grown = measureMesh(head.map((value) => value * k));
        expect(grown.volumeCm3 / measureMesh(head).volumeCm3 / k ** 3).toBeCloseTo(1, 9);
      }),
    );
  });

  it('comes nearer to the ball with every facet', () => {
    const truth = ((4 / 3) * Math.PI * 10 ** 3) / 1000;
    const errors = [16, 32, 64, 128].map(
      (around) => Math.abs(measureMesh(ballMesh(10, around)).volumeCm3 - truth) / truth,
    );
    for (const [index, error] of errors.slice(1).entries()) expect(error).toBeLessThan(errors[index]! / 3.5);
    expect(errors.at(-1)).toBeLessThan(1e-3);
  });

  it('gives an inward mesh its volume all the same', () => {
    const inward = boxMesh(10, 20, 30).map((_, index, all) => {
      const corner = Math.floor((index % 9) / 3);
      return all[index - (index % 9) + (2 - corner) * 3 + (index % 3)]!;
    });
    expect(measureMesh(inward).volumeCm3).toBeCloseTo(6, 10);
    expect(measureMesh(inward)).toMatchObject({ watertight: true, flippedEdges: 0 });
  });

  it('counts what is open, crowded and turned over', () => {
    const box = boxMesh(10, 10, 10);
    expect(measureMesh(box)).toMatchObject({ triangles: 12, watertight: true, openEdges: 0 });
    // A triangle gone leaves its three edges open; measured from the middle of the bounds, 1/12 is missing.
    const open = measureMesh(box.slice(9));
    expect(open).toMatchObject({ triangles: 11, watertight: false, openEdges: 3 });
    expect(open.volumeCm3).toBeCloseTo(11 / 12, 10);
    // Two boxes that touch along one edge: four triangles share it.
    const touching = [...box, ...moved(box, [10, 10, 0])];
    expect(measureMesh(touching)).toMatchObject({ watertight: false, openEdges: 1 });
    expect(measureMesh(touching).volumeCm3).toBeCloseTo(2, 10);
    const turned = [...box.slice(9), ...box.slice(3, 6), ...box.slice(0, 3), ...box.slice(6, 9)];
    expect(measureMesh(turned)).toMatchObject({ watertight: true, flippedEdges: 3 });
  });

  it('takes 0 and -0 for one place, and a needle for no face', () => {
    const box = boxMesh(10, 10, 10).map((value) => (value === 0 ? -0 : value));
    const mixed = [...boxMesh(10, 10, 10).slice(0, 54), ...box.slice(54)];
    expect(weldMesh(mixed).vertexCount).toBe(8);
    expect(countEdges(weldMesh([...mixed, 0, 0, 0, 0, 0, 0, 10, 10, 10]))).toEqual({ open: 0, flipped: 0 });
  });

  it('measures the skin alike with and without its edges', () => {
    const { volumeCm3, areaCm2, centroidMm, boundsMm, triangles } = measureMesh(ballMesh(7, 24));
    expect(measureSkin(ballMesh(7, 24))).toEqual({ volumeCm3, areaCm2, centroidMm, boundsMm, triangles });
    expect(meshBounds(moved(boxMesh(1, 2, 3), [4, 5, 6]))).toEqual({ min: [4, 5, 6], max: [5, 7, 9] });
  });

  it('gives a flat sheet no volume and the middle of its bounds', () => {
    const sheet = [0, 0, 0, 10, 0, 0, 0, 10, 0];
    expect(measureMesh(sheet)).toMatchObject({ volumeCm3: 0, openEdges: 3, centroidMm: [5, 5, 0] });
    expect(() => measureMesh([])).toThrow(/at least one triangle/);
  });
});

describe('loftMesh', () => {
  it.each(['round', 'square', 'half'] as const)('closes a %s body, facing outward', (section) => {
    const mesh = loftMesh({
      section,
      depth: 0.7,
      profile: [
        [2, 0],
        [5, 0],
        [5, 6],
        [3, 6],
        [0, 9],
      ],
    });
    expect(measureMesh(mesh)).toMatchObject({ watertight: true, flippedEdges: 0 });
  });
});

describe('solidAngle', () => {
  it('gives the eight corners of space the whole sphere', () => {
    const signs = [-1, 1];
    const total = signs.flatMap((x) =>
      signs.flatMap((y) => signs.map((z) => solidAngle([x, 0, 0], [0, y, 0], [0, 0, z]))),
    );
    expect(total.reduce((a, b) => a + b, 0)).toBeCloseTo(4 * Math.PI, 12);
  });
});

describe('findRestPoses', () => {
  const posesOf = (...asked: Parameters<typeof findRestPoses>) => {
    const found = findRestPoses(...asked);
    if (!found.ok) throw new Error(found.problem.code);
    return found.value;
  };

  it('stands a cube on each face alike', () => {
    const poses = posesOf(boxMesh(10, 10, 10));
    expect(poses).toHaveLength(6);
    for (const pose of poses) {
      expect(pose.share).toBeCloseTo(1 / 6, 12);
      expect(pose.stableMarginMm).toBeCloseTo(5, 10);
    }
  });

  it('lays a long box on its long sides, by the solid angle of each', () => {
    // A rectangle a by b seen from its middle axis at h: 4 asin(ab / sqrt((a2 + 4h2)(b2 + 4h2))).
    const seen = (a: number, b: number, h: number) =>
      (4 * Math.asin((a * b) / Math.sqrt((a * a + 4 * h * h) * (b * b + 4 * h * h)))) / (4 * Math.PI);
    const poses = posesOf(boxMesh(10, 20, 40));
    expect(poses[0]!.share).toBeCloseTo(seen(20, 40, 5), 10);
    expect(Math.abs(poses[0]!.normal[0])).toBeCloseTo(1, 12);
    expect(poses.at(-1)!.share).toBeCloseTo(seen(10, 20, 20), 10);
  });

  it('tips off a face that does not hold, onto the one it falls to', () => {
    // A low center near one end: a tall box leans off its top.
    const poses = posesOf(boxMesh(10, 10, 40), [5, 5, 1]);
    expect(poses.map(({ share }) => share).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 12);
    expect(poses[0]!.normal[2]).toBeCloseTo(-1, 12);
    // A prism leaning far over its foot cannot stand on it at all.
    const leaning = loftMesh({
      section: 'square',
      depth: 1,
      profile: [
        [5, 0],
        [5, 10],
      ],
    }).map((value, index, all) => (index % 3 === 0 ? value + 2 * all[index + 2]! : value));
    const stable = posesOf(leaning);
    expect(stable.some(({ normal }) => normal[2] < -0.999)).toBe(false);
    expect(stable.map(({ share }) => share).reduce((a, b) => a + b, 0)).toBeCloseTo(1, 10);
  });

  it('shares sum to one and turn with the body, for any box and center', () => {
    const inside = fc.double({ min: 0.05, max: 0.95, noNaN: true });
    fc.assert(
      fc.property(size, size, size, fc.tuple(inside, inside, inside), (x, y, z, [u, v, w]) => {
        const poses = posesOf(boxMesh(x, y, z), [u * x, v * y, w * z]);
        expect(poses.reduce((total, { share }) => total + share, 0)).toBeCloseTo(1, 9);
        const turned = posesOf(
          boxMesh(x, y, z).map((_, at, all) => all[at - (at % 3) + ((at + 1) % 3)]!),
          [v * y, w * z, u * x],
        );
        expect(turned.map(({ share }) => share)).toEqual(
          poses.map(({ share }) => expect.closeTo(share, 9) as number),
        );
      }),
      { numRuns: 40 },
    );
  });

  it('takes coplanar hull triangles for one face', () => {
    expect(hullFaces(boxMesh(3, 4, 5))).toHaveLength(6);
    expect(
      hullFaces(
        loftMesh(
          {
            section: 'round',
            depth: 1,
            profile: [
              [5, 0],
              [5, 10],
            ],
          },
          24,
        ),
      ),
    ).toHaveLength(26);
  });

  it('refuses a sheet and a center outside', () => {
    expect(findRestPoses([0, 0, 0, 9, 0, 0, 0, 9, 0, 0, 0, 0, 9, 0, 0, 9, 9, 0])).toMatchObject({
      ok: false,
      problem: { code: 'mesh.flat' },
    });
    expect(findRestPoses(boxMesh(1, 1, 1), [2, 0.5, 0.5])).toMatchObject({
      ok: false,
      problem: { code: 'mesh.mass-outside' },
    });
  });
});
