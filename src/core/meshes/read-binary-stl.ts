import { done, fail, type Outcome } from '../problems/problem';
import { NUMBERS_PER_TRIANGLE, type Triangles } from './mesh';
import type { StlOptions } from './stl-options';

const HEADER_BYTES = 84;
const BYTES_PER_TRIANGLE = 50;
const NORMAL_BYTES = 12;
const REPORT_EVERY = 100_000;

/**
 * Reads the triangles of a binary STL; its normals are left aside, since the order of corners tells them.
 *
 * Problem: `stl.not-finite`. The caller has made sure that the bytes are there.
 *
 * @example readBinaryStl(writeStl(triangles), triangles.length / 9).value // the same triangles
 */
export function readBinaryStl(
  bytes: Uint8Array,
  count: number,
  { onProgress }: StlOptions,
): Outcome<Triangles> {
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const triangles = new Float32Array(count * NUMBERS_PER_TRIANGLE);
  for (let triangle = 0; triangle < count; triangle += 1) {
    const from = HEADER_BYTES + triangle * BYTES_PER_TRIANGLE + NORMAL_BYTES;
    const to = triangle * NUMBERS_PER_TRIANGLE;
    let check = 0;
    for (let number = 0; number < NUMBERS_PER_TRIANGLE; number += 1) {
      const value = view.getFloat32(from + number * 4, true);
      triangles[to + number] = value;
      // NaN and infinities survive being taken from themselves; every other number does not.
      check += value - value;
    }
    if (check !== 0) return fail('stl.not-finite', { triangle });
    if (triangle % REPORT_EVERY === 0) onProgress?.(triangle / count);
  }
  return done(triangles);
}
