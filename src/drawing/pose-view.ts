import type { Vec3 } from '@/core/meshes/mesh';
import { cross, dot, minus, times, unit } from '@/core/meshes/vectors';

/** A body lying on the bottom, seen from the side: millimeters, y down, the bottom at y = 0. */
export interface PoseView {
  /** The body's silhouette, every triangle of it. */
  readonly body: string;
  /** The hook's wire. */
  readonly wire: string;
  readonly center: { readonly x: number; readonly y: number };
  /** Where the axis leaves the tail, and which way it points there. */
  readonly tail: { readonly x: number; readonly y: number; readonly dx: number; readonly dy: number };
  /** x, y, width and height that hold all of it. */
  readonly viewBox: readonly [number, number, number, number];
}

const MARGIN_MM = 3;

const mm = (value: number) => Number(value.toFixed(2));

/**
 * Turns a body so that `down` points down and looks at it square to its axis (x), from the side that shows the hook
 * flattest. `tailMm` is where along its axis it ends.
 *
 * @example poseView(cube, [], [0, 0, 0], [0, 0, -1]).viewBox // a square on the bottom
 */
export function poseView(
  triangles: ArrayLike<number>,
  wire: readonly Vec3[],
  centerMm: Vec3,
  down: Vec3,
  tailMm = 0,
): PoseView {
  const axis: Vec3 = Math.abs(down[0]) > 0.98 ? [0, 0, 1] : [1, 0, 0];
  const along = dot(axis, down);
  const right = unit(minus(axis, times(down, along)));
  const flat = (point: Vec3) => ({ x: dot(point, right), y: dot(point, down) });
  let [left, most, top, floor] = [Infinity, -Infinity, Infinity, -Infinity];
  const seen = (point: Vec3) => {
    const { x, y } = flat(point);
    left = Math.min(left, x);
    most = Math.max(most, x);
    top = Math.min(top, y);
    floor = Math.max(floor, y);
    return { x, y };
  };
  const pieces: string[] = [];
  const corner = (at: number): Vec3 => [triangles[at] ?? 0, triangles[at + 1] ?? 0, triangles[at + 2] ?? 0];
  const viewer = cross(right, down);
  const drawn: { x: number; y: number }[][] = [];
  for (let at = 0; at + 8 < triangles.length; at += 9) {
    const [a, b, c] = [corner(at), corner(at + 3), corner(at + 6)];
    const normal = cross(minus(b, a), minus(c, a));
    const points = [seen(a), seen(b), seen(c)];
    // The far side adds nothing to the silhouette.
    if (dot(normal, viewer) >= 0) drawn.push(points);
  }
  const line = wire.map(seen);
  for (const points of drawn) {
    pieces.push(`M${points.map(({ x, y }) => `${mm(x)} ${mm(y - floor)}`).join('L')}Z`);
  }
  const middle = flat(centerMm);
  const tail = flat([tailMm, 0, 0]);
  const axisOnBoard = flat([1, 0, 0]);
  return {
    body: pieces.join(''),
    wire: line.length > 0 ? `M${line.map(({ x, y }) => `${mm(x)} ${mm(y - floor)}`).join('L')}` : '',
    center: { x: mm(middle.x), y: mm(middle.y - floor) },
    tail: { x: mm(tail.x), y: mm(tail.y - floor), dx: mm(axisOnBoard.x), dy: mm(axisOnBoard.y) },
    viewBox: [
      left - MARGIN_MM,
      top - floor - MARGIN_MM,
      most - left + 2 * MARGIN_MM,
      floor - top + 2 * MARGIN_MM,
    ],
  };
}
