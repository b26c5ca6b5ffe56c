import { NUMBERS_PER_TRIANGLE, type Triangles, type Vec3 } from './mesh';

/**
 * A mesh with corners wherever a plane across an axis cuts it: the same skin in more triangles. Both triangles of an edge get
 * the same point on it, to the last bit, so that what was closed stays closed.
 *
 * @example splitMesh(unitCube, 1, 0.5).length / 9 // 28: its sides are cut, top and bottom are not
 */
export function splitMesh(triangles: Triangles, axis: 0 | 1 | 2, at: number): Float64Array {
  const split: number[] = [];
  const add = (...corners: readonly Vec3[]) => {
    for (const corner of corners) split.push(...corner);
  };
  for (let from = 0; from + NUMBERS_PER_TRIANGLE <= triangles.length; from += NUMBERS_PER_TRIANGLE) {
    const corners = [0, 3, 6].map((corner): Vec3 => [
      triangles[from + corner] ?? 0,
      triangles[from + corner + 1] ?? 0,
      triangles[from + corner + 2] ?? 0,
    ]);
    const sides = corners.map((corner) => Math.sign(corner[axis] - at));
    const alone = sides.findIndex(
      (side, nth) => side !== 0 && sides.every((other, also) => also === nth || other !== side),
    );
    const isCut = sides.includes(1) && sides.includes(-1);
    const [a, b, c] = [0, 1, 2].map((turn) => corners[(alone + turn) % 3]);
    if (!isCut || !a || !b || !c) {
      add(...corners);
      continue;
    }
    const [onB, onC] = [sides[(alone + 1) % 3] === 0, sides[(alone + 2) % 3] === 0];
    // Through a corner and the side over it: two triangles.
    if (onB) {
      const p = crossing(a, c, axis, at);
      add(a, b, p, p, b, c);
    } else if (onC) {
      const p = crossing(a, b, axis, at);
      add(a, p, c, p, b, c);
    } else {
      const [p, q] = [crossing(a, b, axis, at), crossing(a, c, axis, at)];
      add(a, p, q, p, b, q, b, c, q);
    }
  }
  return Float64Array.from(split);
}

/** Where an edge meets the plane, reckoned from its lower end whichever triangle asks. */
function crossing(one: Vec3, other: Vec3, axis: 0 | 1 | 2, at: number): Vec3 {
  const [low, high] = one[axis] < other[axis] ? [one, other] : [other, one];
  const share = (at - low[axis]) / (high[axis] - low[axis]);
  const point = (along: 0 | 1 | 2) => (along === axis ? at : low[along] + share * (high[along] - low[along]));
  return [point(0), point(1), point(2)];
}
