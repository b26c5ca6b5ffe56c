import { drawNormal } from '../numeric/draw-normal';
import { repeatableRandom } from '../numeric/repeatable-random';
import { MAT_MARKERS, markerCorners, printedMat } from '../mat/mat';
import { sightOf, type Camera } from './camera';
import { fitCamera } from './fit-camera';

const TRUE_PRINT = printedMat({ acrossMm: 150, alongMm: 200 });
const SIZE = { width: 1600, height: 1200 };
const camera: Camera = {
  focalPx: 1250,
  middle: [800, 600],
  turn: [0.35, -0.2, 1.4],
  shift: [90, -80, 420],
  k1: 0.06,
  k2: -0.03,
};

const corners = MAT_MARKERS.flatMap(({ id }) => markerCorners(id, TRUE_PRINT));
const seenBy = (from: Camera, noisePx: number, random = repeatableRandom(5)) => {
  const { project } = sightOf(from);
  return corners.map(([x, y]) => {
    const [u, v] = project(x, y);
    return {
      mm: [x, y] as const,
      px: [u + noisePx * drawNormal(random), v + noisePx * drawNormal(random)] as const,
    };
  });
};

describe('sightOf', () => {
  it('looks down to where it projects from, at any height', () => {
    const { project, lookDown } = sightOf(camera);
    for (const [x, y, h] of [
      [0, 0, 0],
      [186, 244, 0],
      [80, 100, 12],
      [20, 200, 3],
    ] as const) {
      const [backX, backY] = lookDown(...project(x, y, h), h);
      expect(backX).toBeCloseTo(x, 6);
      expect(backY).toBeCloseTo(y, 6);
    }
  });

  it('hangs over the mat, and sees what stands higher as larger', () => {
    const straight: Camera = { ...camera, turn: [0, 0, 0], shift: [-93, -122, 400], k1: 0, k2: 0 };
    const { eye, tiltDeg, lookDown, project } = sightOf(straight);
    expect(eye).toEqual([93, 122, 400]);
    expect(tiltDeg).toBeCloseTo(0, 6);
    const [left] = lookDown(...project(83, 122, 40));
    const [right] = lookDown(...project(103, 122, 40));
    // 20 mm at 40 of 400 mm height: 400 / 360 of it.
    expect(right - left).toBeCloseTo((20 * 400) / 360, 9);
  });
});

describe('fitCamera', () => {
  it('finds the camera again that saw a mat without a flaw', () => {
    const fitted = fitCamera(seenBy(camera, 0), SIZE);
    if (!fitted.ok) throw new Error(fitted.problem.code);
    expect(fitted.value.offMm).toBeLessThan(1e-3);
    expect(fitted.value.camera.focalPx / 1250).toBeCloseTo(1, 2);
    expect(sightOf(fitted.value.camera).eye[2] / sightOf(camera).eye[2]).toBeCloseTo(1, 2);
  });

  it('says how well its height is known, and that holds for 19 of 20', () => {
    const random = repeatableRandom(9);
    let inside = 0;
    const trials = 200;
    for (let trial = 0; trial < trials; trial += 1) {
      // A lens as phones have them, seen from somewhere within reach.
      const thrown: Camera = {
        ...camera,
        focalPx: 0.76 * 1600 * Math.exp(0.18 * drawNormal(random)),
        turn: [(random() - 0.5) * 1.2, (random() - 0.5) * 1.2, random() * 6],
        k1: 0.06 * drawNormal(random),
      };
      const { lookDown, project } = sightOf(thrown);
      // Laid so that the mat's middle is in the middle of the picture.
      const [x, y] = lookDown(800, 600);
      const { eye } = sightOf(thrown);
      if (Math.abs(x) > 1e4 || Math.abs(y) > 1e4 || eye[2] < 150) continue;
      const laid = corners.map(([cx, cy]) => [cx + x - 93, cy + y - 122] as const);
      const fitted = fitCamera(
        laid.map(([mx, my], index) => {
          const [u, v] = project(mx, my);
          return {
            mm: corners[index] ?? [0, 0],
            px: [u + 0.25 * drawNormal(random), v + 0.25 * drawNormal(random)] as const,
          };
        }),
        SIZE,
      );
      if (!fitted.ok) throw new Error(fitted.problem.code);
      const off = Math.abs(sightOf(fitted.value.camera).eye[2] / eye[2] - 1);
      if (off <= fitted.value.heightShare) inside += 1;
    }
    expect(inside / trials).toBeGreaterThan(0.9);
  });

  it('does not believe a corner that was found elsewhere', () => {
    const seen = seenBy(camera, 0.1);
    const moved = seen.map((point, index) =>
      index === 7 ? { ...point, px: [point.px[0] + 30, point.px[1]] as const } : point,
    );
    const fitted = fitCamera(moved, SIZE);
    if (!fitted.ok) throw new Error(fitted.problem.code);
    expect(fitted.value.believed).not.toContain(7);
    expect(fitted.value.offMm).toBeLessThan(0.1);
  });

  it('refuses what shows too little of a mat', () => {
    expect(fitCamera(seenBy(camera, 0).slice(0, 12), SIZE)).toMatchObject({
      ok: false,
      problem: { code: 'picture.few-markers', facts: { seen: 3 } },
    });
  });
});
