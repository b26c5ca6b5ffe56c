import { loftMesh } from './loft-mesh';
import { measureMesh } from './measure-mesh';
import { splitMesh } from './split-mesh';

const body = loftMesh({
  section: 'round',
  depth: 1.3,
  profile: [
    [0, 0],
    [5, 3],
    [4, 9],
    [0, 12],
  ],
});

describe('splitMesh', () => {
  it.each([0, 1, 2] as const)('keeps the skin closed and as large, across axis %s', (axis) => {
    const places = [-3.3, -1, 0, 1e-9, 2, 3];
    const split = places.reduce<ArrayLike<number>>((so, at) => splitMesh(so, axis, at), body);
    const [was, is] = [measureMesh(body), measureMesh(split)];
    expect(is).toMatchObject({ openEdges: 0, flippedEdges: 0 });
    expect(is.volumeCm3).toBeCloseTo(was.volumeCm3, 12);
    expect(is.areaCm2).toBeCloseTo(was.areaCm2, 12);
  });

  it('has a corner wherever an edge crosses the plane', () => {
    const split = splitMesh(body, 1, 0.7);
    for (let at = 0; at < split.length; at += 9) {
      const sides = [1, 4, 7].map((corner) => Math.sign(split[at + corner]! - 0.7));
      expect(sides.includes(1) && sides.includes(-1)).toBe(false);
    }
  });
});
