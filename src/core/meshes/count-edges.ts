import type { WeldedMesh } from './weld-mesh';

export interface EdgeCount {
  /** Edges not shared by exactly two triangles. */
  readonly open: number;
  /** Edges whose two triangles face opposite ways: one of them is inside out. */
  readonly flipped: number;
}

/**
 * Counts the edges of a welded mesh that keep it from being one closed skin. A triangle with two corners in one
 * place has no face and no edges.
 *
 * @example countEdges(weldMesh(cubeOf12Triangles)) // { open: 0, flipped: 0 }
 */
export function countEdges({ corners, vertexCount }: WeldedMesh): EdgeCount {
  let size = 16;
  while (size < corners.length * 2) size *= 2;
  // An edge's key is its two corner numbers as one; 0 marks an empty slot, so keys begin at 1.
  const keys = new Float64Array(size);
  const uses = new Uint32Array(size);
  const turns = new Int32Array(size);
  for (let first = 0; first < corners.length; first += 3) {
    const a = corners[first] ?? 0;
    const b = corners[first + 1] ?? 0;
    const c = corners[first + 2] ?? 0;
    if (a === b || b === c || c === a) continue;
    for (let side = 0; side < 3; side += 1) {
      const from = side === 0 ? a : side === 1 ? b : c;
      const to = side === 0 ? b : side === 1 ? c : a;
      const low = from < to ? from : to;
      const high = from < to ? to : from;
      const key = low * vertexCount + high + 1;
      let slot = (Math.imul(low, 0x9e3779b1) ^ Math.imul(high, 0x85ebca6b)) >>> 0;
      slot = (slot ^ (slot >>> 15)) & (size - 1);
      while (keys[slot] !== 0 && keys[slot] !== key) slot = (slot + 1) & (size - 1);
      keys[slot] = key;
      uses[slot] = (uses[slot] ?? 0) + 1;
      turns[slot] = (turns[slot] ?? 0) + (from < to ? 1 : -1);
    }
  }
  let open = 0;
  let flipped = 0;
  for (let slot = 0; slot < size; slot += 1) {
    if (keys[slot] === 0) continue;
    if (uses[slot] !== 2) open += 1;
    else if (turns[slot] !== 0) flipped += 1;
  }
  return { open, flipped };
}
