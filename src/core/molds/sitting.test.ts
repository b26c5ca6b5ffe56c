import { ballMesh, boxMesh, moved } from '../../../tests/support/test-meshes';
import { coarsenMesh } from '../meshes/coarsen-mesh';
import { hullFaces } from '../meshes/hull-faces';
import { measureMesh } from '../meshes/measure-mesh';
import { nearestPoint } from '../meshes/nearest-point';
import { hookLine } from './hook-line';
import { sitOnBottom, type SittingBody } from './sit-on-bottom';
import { scaleStudied, studyMesh, studySolid } from './study-body';

const HOOK = { wireMm: 1.2, shankMm: 35, gapeMm: 14 };
/** A long body on its side, its axis along x. */
const BAR = moved(boxMesh(24, 8, 8), [0, -4, -4]);
const body = (change: Partial<SittingBody> = {}): SittingBody => ({
  triangles: BAR,
  densityGcm3: 11,
  hook: null,
  eyeMm: 6,
  trailer: null,
  ...change,
});

function lay(change: Partial<SittingBody> = {}) {
  const sitting = sitOnBottom(body(change));
  if (!sitting.ok) throw new Error(sitting.problem.code);
  return sitting.value;
}

describe('sitOnBottom', () => {
  it('lays a bar flat on its side, and presses with its weight in water', () => {
    const { poses, netG, centerMm } = lay();
    expect(poses[0]!.tailDegrees).toBeCloseTo(0, 6);
    // Four either way of a middle four up: 45 degrees; on its end, four of twelve.
    expect(poses[0]!.tipDegrees).toBeCloseTo(45, 6);
    const ends = poses.filter(({ tailDegrees }) => Math.abs(tailDegrees) > 80);
    for (const end of ends) expect(end.tipDegrees).toBeCloseTo((Math.atan2(4, 12) * 180) / Math.PI, 6);
    // Drawn by an eye that stands 24 up, it goes over; lying, it stays.
    expect(ends.find(({ tailDegrees }) => tailDegrees < 0)!.drawnDegrees).toBeLessThan(0);
    expect(poses[0]!.drawnDegrees).toBeGreaterThan(0);
    expect(netG).toBeCloseTo(10 * 1.536, 9);
    expect(centerMm[0]).toBeCloseTo(12, 9);
  });

  it('moves the middle back with a hook, and forward and nose down with a buoyant tail', () => {
    const hooked = lay({ hook: HOOK });
    expect(hooked.centerMm[0]).toBeGreaterThan(12);
    const lifted = lay({ hook: HOOK, trailer: { lengthMm: 70, liftG: 3 } });
    expect(lifted.centerMm[0]).toBeLessThan(hooked.centerMm[0]);
    // What lifts the tail makes the nose-down pose surer.
    const noseDown = ({ poses }: typeof lifted) =>
      Math.max(...poses.filter(({ tailDegrees }) => tailDegrees > 20).map(({ tipDegrees }) => tipDegrees), 0);
    expect(noseDown(lifted)).toBeGreaterThan(noseDown(hooked));
  });

  it('hangs tail up by its nose where the tail lifts the middle out of the body', () => {
    const { poses, centerMm } = lay({ trailer: { lengthMm: 80, liftG: 5 } });
    expect(centerMm[0]).toBeLessThan(0);
    expect(poses).toHaveLength(1);
    expect(poses[0]).toMatchObject({ tipDegrees: 0, tailDegrees: expect.closeTo(90, 6) as number });
  });

  it('floats where the tail carries it', () => {
    expect(sitOnBottom(body({ trailer: { lengthMm: 80, liftG: 16 } }))).toMatchObject({
      problem: { code: 'water.floats' },
    });
  });

  it('joins the many ways a round head rolls into few', () => {
    expect(lay({ triangles: moved(ballMesh(6, 32), [6, 0, -6]) }).poses.length).toBeLessThan(20);
  });
});

describe('hookLine', () => {
  it('runs the shank, bends the gape round and ends on the eye side', () => {
    const line = hookLine(HOOK, 4, 9);
    expect(line[0]).toEqual([4, 9]);
    expect(Math.max(...line.map(([x]) => x))).toBeCloseTo(4 + 35 + 7, 9);
    expect(line.at(-1)![1]).toBe(14);
  });
});

describe('nearestPoint', () => {
  it('is on the box, nearest of all', () => {
    const faces = hullFaces(boxMesh(2, 2, 2))!.flatMap((face) => face.triangles);
    expect(nearestPoint([1, 1, 5], faces)).toEqual([1, 1, 2]);
    expect(nearestPoint([3, 3, 3], faces)).toEqual([2, 2, 2]);
    expect(nearestPoint([-1, 1, 3], faces)).toEqual([0, 1, 2]);
    expect(() => nearestPoint([0, 0, 0], [])).toThrow(/requires a triangle/);
  });
});

describe('coarsenMesh', () => {
  it('makes a large ball light and keeps its shape to half a cell', () => {
    const ball = ballMesh(10, 200);
    const light = coarsenMesh(ball, 20);
    expect(light.length).toBeLessThan(ball.length / 10);
    const { min, max } = measureMesh(light).boundsMm;
    for (const axis of [0, 1, 2]) expect(max[axis]! - min[axis]!).toBeCloseTo(20, 0);
    expect(measureMesh(light).volumeCm3 / measureMesh(ball).volumeCm3).toBeCloseTo(1, 1);
  });
});

describe('studySolid', () => {
  it('knows a ball: modulus a third of its radius, its shadow a circle, colder smaller', async () => {
    const ball = await studySolid({ parts: [{ shape: 'sphere', diameterMm: 12 }] }, 1);
    expect(ball.modulusMm).toBeCloseTo(2, 1);
    expect(ball.frontalCm2 / ((Math.PI * 36) / 100)).toBeCloseTo(1, 2);
    const cold = await studySolid({ parts: [{ shape: 'sphere', diameterMm: 12 }] }, 0.99);
    expect(cold.measure.volumeCm3 / ball.measure.volumeCm3).toBeCloseTo(0.99 ** 3, 6);
  });

  it('turns a read mesh to lie along x, and scales as it should', () => {
    const rod = studyMesh(boxMesh(4, 30, 6));
    const { min, max } = rod.measure.boundsMm;
    expect(max[0] - min[0]).toBeCloseTo(30, 5);
    expect(rod.measure.watertight).toBe(true);
    const double = scaleStudied(rod, 2);
    expect(double.measure.volumeCm3).toBeCloseTo(8 * 0.72, 6);
    expect(double.modulusMm).toBeCloseTo(2 * rod.modulusMm, 9);
  });
});
