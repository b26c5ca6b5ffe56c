// By its file: the package names no entry for programs that are not modules, such as the command line.
import quickhull from 'quickhull3d/dist/index.js';
import type { Triangles, Vec3 } from './mesh';
import { cross, dot, lengthOf, minus, plus, unit } from './vectors';
import { weldMesh } from './weld-mesh';

/** A flat face of a convex hull: all coplanar hull triangles as one. */
export interface HullFace {
  /** Outward, of length 1. */
  readonly normal: Vec3;
  readonly triangles: readonly (readonly [Vec3, Vec3, Vec3])[];
  /** The rim, counterclockwise seen from outside: each side with the number of the face across it. */
  readonly rim: readonly { readonly from: Vec3; readonly to: Vec3; readonly across: number }[];
}

/** Faces whose normals differ by less than this, in radians, are one. */
const COPLANAR = 1e-5;

/** A body thinner than this share of its length has no hull to stand on. */
const THINNEST = 1e-9;

/**
 * The faces of a mesh's convex hull, coplanar triangles merged; null where the corners lie in a plane or a line.
 * The hull itself is quickhull's.
 *
 * @example hullFaces(cubeOf12Triangles).length // 6
 */
export function hullFaces(triangles: Triangles): HullFace[] | null {
  const { positions, vertexCount } = weldMesh(triangles);
  if (vertexCount < 4) return null;
  const points = Array.from({ length: vertexCount }, (_, index): [number, number, number] => [
    positions[index * 3] ?? 0,
    positions[index * 3 + 1] ?? 0,
    positions[index * 3 + 2] ?? 0,
  ]);
  if (isFlat(points)) return null;
  const hull = quickhull(points);
  const at = (index: number | undefined): Vec3 => points[index ?? 0] ?? [0, 0, 0];
  const pieces = hull.map((face) => {
    const corners = [at(face[0]), at(face[1]), at(face[2])] as const;
    const normal = cross(minus(corners[1], corners[0]), minus(corners[2], corners[0]));
    return { indexes: face, corners, normal, direction: unit(normal) };
  });

  const sides = new Map<string, number>();
  for (const [piece, { indexes }] of pieces.entries()) {
    for (let side = 0; side < 3; side += 1) sides.set(`${indexes[side]} ${indexes[(side + 1) % 3]}`, piece);
  }
  const twinOf = (from: number | undefined, to: number | undefined) => sides.get(`${to} ${from}`) ?? -1;

  const groups = new Int32Array(pieces.length).fill(-1);
  let groupCount = 0;
  for (const start of pieces.keys()) {
    if (groups[start] !== -1) continue;
    groups[start] = groupCount;
    const open = [start];
    for (let piece = open.pop(); piece !== undefined; piece = open.pop()) {
      const { indexes, direction } = pieces[piece] ?? { indexes: [], direction: at(0) };
      for (let side = 0; side < 3; side += 1) {
        const twin = twinOf(indexes[side], indexes[(side + 1) % 3]);
        const other = pieces[twin];
        if (!other || groups[twin] !== -1) continue;
        // A sliver has no direction to speak of: it goes with whatever it touches.
        const isSliver = lengthOf(other.normal) === 0 || lengthOf(direction) === 0;
        if (!isSliver && lengthOf(cross(direction, other.direction)) > COPLANAR) continue;
        if (!isSliver && dot(direction, other.direction) < 0) continue;
        groups[twin] = groupCount;
        open.push(twin);
      }
    }
    groupCount += 1;
  }

  const members = Array.from({ length: groupCount }, (): number[] => []);
  for (const [piece, group] of groups.entries()) members[group]?.push(piece);
  return members.map((list, group): HullFace => {
    const own = list.flatMap((piece) => pieces[piece] ?? []);
    return {
      normal: unit(own.reduce<Vec3>((total, { normal }) => plus(total, normal), [0, 0, 0])),
      triangles: own.map(({ corners }) => corners),
      rim: own.flatMap(({ indexes }) =>
        [0, 1, 2].flatMap((side) => {
          const [from, to] = [indexes[side], indexes[(side + 1) % 3]];
          const across = groups[twinOf(from, to)] ?? group;
          return across === group ? [] : [{ from: at(from), to: at(to), across }];
        }),
      ),
    };
  });
}

function isFlat(points: readonly Vec3[]): boolean {
  const [first = [0, 0, 0] as const] = points;
  const sides = points.map((point) => minus(point, first));
  const most = (score: (side: Vec3) => number) =>
    sides.reduce((best, side) => (score(side) > score(best) ? side : best), sides[0] ?? first);
  const far = most(lengthOf);
  const along = unit(far);
  const wide = most((side) => lengthOf(cross(along, side)));
  const normal = unit(cross(along, wide));
  const high = Math.abs(
    dot(
      normal,
      most((side) => Math.abs(dot(normal, side))),
    ),
  );
  const least = lengthOf(far) * THINNEST;
  return !(high > least && lengthOf(cross(along, wide)) > least);
}
