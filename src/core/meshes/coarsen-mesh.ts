import { meshBounds } from './mesh-bounds';
import { NUMBERS_PER_TRIANGLE, type Triangles } from './mesh';

/**
 * A lighter mesh of the same body: corners drawn onto a grid with `cells` along the longest side, triangles that
 * vanish or stand twice left out. For drawing and for laying down; it keeps the shape to half a cell.
 *
 * @example coarsenMesh(ballOfAMillion, 40).length / 9 // some thousands
 */
export function coarsenMesh(triangles: Triangles, cells: number): Float32Array {
  const { min: low, max: high } = meshBounds(triangles);
  const cell = Math.max(...high.map((value, axis) => value - (low[axis] ?? 0))) / cells;
  if (!(cell > 0)) return Float32Array.from(triangles);
  const side = cells + 1;
  const seen = new Set<string>();
  const kept: number[] = [];
  const place = (index: number) => {
    const at = (axis: number) => Math.round(((triangles[index + axis] ?? 0) - (low[axis] ?? 0)) / cell);
    return (at(0) * side + at(1)) * side + at(2);
  };
  for (let at = 0; at + NUMBERS_PER_TRIANGLE <= triangles.length; at += NUMBERS_PER_TRIANGLE) {
    const corners = [place(at), place(at + 3), place(at + 6)] as const;
    const [a, b, c] = corners;
    if (a === b || b === c || c === a) continue;
    const key = [...corners].sort((x, y) => x - y).join(' ');
    if (seen.has(key)) continue;
    seen.add(key);
    for (const corner of corners) {
      kept.push(
        (low[0] ?? 0) + Math.floor(corner / (side * side)) * cell,
        (low[1] ?? 0) + (Math.floor(corner / side) % side) * cell,
        (low[2] ?? 0) + (corner % side) * cell,
      );
    }
  }
  return Float32Array.from(kept);
}
