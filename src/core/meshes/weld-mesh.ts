import { NUMBERS_PER_TRIANGLE, type Triangles } from './mesh';

/** A mesh whose corners are told by number: equal corners have one. */
export interface WeldedMesh {
  /** x, y, z of each corner, mm. */
  readonly positions: Float64Array;
  /** Three corner numbers a triangle. */
  readonly corners: Uint32Array;
  readonly vertexCount: number;
}

const EMPTY = 0xffffffff;

/** Mixes the bits of three doubles; corners of one grid would otherwise crowd together. */
const bits = new Float64Array(1);
const halves = new Uint32Array(bits.buffer);

function hashOf(x: number, y: number, z: number): number {
  let hash = 0x9e3779b9;
  for (let axis = 0; axis < 3; axis += 1) {
    bits[0] = axis === 0 ? x : axis === 1 ? y : z;
    hash = Math.imul(hash ^ (halves[0] ?? 0), 0x85ebca6b);
    hash = Math.imul(hash ^ (hash >>> 15) ^ (halves[1] ?? 0), 0xc2b2ae35);
    hash ^= hash >>> 13;
  }
  return hash >>> 0;
}

/**
 * Numbers the corners of a triangle list, giving equal ones (to the last bit, 0 and -0 alike) one number. An open
 * table of hashes: a million triangles take about half a second.
 *
 * @example weldMesh(cubeOf12Triangles).vertexCount // 8
 */
export function weldMesh(triangles: Triangles): WeldedMesh {
  const cornerCount = Math.floor(triangles.length / NUMBERS_PER_TRIANGLE) * 3;
  let size = 16;
  while (size < cornerCount * 2) size *= 2;
  const table = new Uint32Array(size).fill(EMPTY);
  const positions = new Float64Array(cornerCount * 3);
  const corners = new Uint32Array(cornerCount);
  let vertexCount = 0;
  for (let corner = 0; corner < cornerCount; corner += 1) {
    // Adding zero turns -0 into 0, which hashes otherwise.
    const x = (triangles[corner * 3] ?? 0) + 0;
    const y = (triangles[corner * 3 + 1] ?? 0) + 0;
    const z = (triangles[corner * 3 + 2] ?? 0) + 0;
    let slot = hashOf(x, y, z) & (size - 1);
    for (;;) {
      const vertex = table[slot] ?? EMPTY;
      if (vertex === EMPTY) {
        table[slot] = vertexCount;
        positions[vertexCount * 3] = x;
        positions[vertexCount * 3 + 1] = y;
        positions[vertexCount * 3 + 2] = z;
        corners[corner] = vertexCount;
        vertexCount += 1;
        break;
      }
      const at = vertex * 3;
      if (positions[at] === x && positions[at + 1] === y && positions[at + 2] === z) {
        corners[corner] = vertex;
        break;
      }
      slot = (slot + 1) & (size - 1);
    }
  }
  return { positions: positions.subarray(0, vertexCount * 3), corners, vertexCount };
}
