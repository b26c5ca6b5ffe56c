import { TRAILER_SHAPES } from '@/core/parts/part-roles';
import { readyRig, readySkirt } from './ready-paths';
import { trailerPath } from './trailer-path';

/** Where an outline of cubic and quadratic bends runs, each bend looked at in twenty places. */
function pointsOn(path: string): [number, number][] {
  const found: [number, number][] = [];
  let [x, y] = [0, 0];
  for (const [, code, said = ''] of path.matchAll(/([MCQHZ])([^MCQHZ]*)/g)) {
    const n = [...said.matchAll(/-?\d+(?:\.\d+)?/g)].map(([each]) => Number(each));
    if (code === 'M') [x, y] = [n[0]!, n[1]!];
    for (let t = 0; t <= 1.0001 && (code === 'C' || code === 'Q'); t += 0.05) {
      const u = 1 - t;
      const at = (from: number, axis: 0 | 1) =>
        code === 'Q'
          ? u * u * from + 2 * u * t * n[axis]! + t * t * n[2 + axis]!
          : u ** 3 * from + 3 * u * u * t * n[axis]! + 3 * u * t * t * n[2 + axis]! + t ** 3 * n[4 + axis]!;
      found.push([at(x, 0), at(y, 1)]);
    }
    if (code === 'C' || code === 'Q') [x, y] = [n.at(-2)!, n.at(-1)!];
  }
  return found;
}

describe('trailerPath', () => {
  it.each(TRAILER_SHAPES)('draws a %s from its nose to as long as it was measured', (shape) => {
    const [long, body] = [100, 14];
    const at = pointsOn(trailerPath(shape, long, body));
    const [xs, ys] = [at.map(([x]) => x), at.map(([, y]) => y)];
    expect(Math.min(...xs)).toBeCloseTo(0, 1);
    expect(Math.abs(Math.max(...xs) - long)).toBeLessThan(0.5);
    // The body is as thick as was said, though tails and claws may reach further aside.
    const ofBody = at.filter(([x]) => x > 5 && x < 35).map(([, y]) => Math.abs(y));
    expect(Math.max(...ofBody)).toBeGreaterThan(body * 0.42);
    expect(Math.max(...ofBody)).toBeLessThan(body * 0.62);
    expect(Math.max(...ys.map(Math.abs))).toBeLessThan(body);
  });

  it('tells one shape from another, and takes one of which nobody said for a paddle tail', () => {
    expect(new Set(TRAILER_SHAPES.map((shape) => trailerPath(shape, 80, 10))).size).toBe(6);
    expect(trailerPath(null, 80, 10)).toBe(trailerPath('paddle', 80, 10));
  });
});

describe('what is bought ready', () => {
  it('reaches as far as it is long', () => {
    const { strands, box } = readySkirt(60);
    const at = pointsOn(strands);
    expect(Math.max(...at.map(([x]) => x))).toBeCloseTo(60, 1);
    for (const [x, y] of at) {
      expect(x).toBeLessThanOrEqual(box[0] + box[2] + 1e-6);
      expect(Math.abs(y)).toBeLessThanOrEqual(box[3] / 2 + 1e-6);
    }
    expect(readyRig(150)).toContain('H145.2');
  });
});
