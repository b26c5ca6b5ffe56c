import { NUMBERS_PER_TRIANGLE, type Triangles, type Vec3 } from './mesh';
import { cross, minus, unit } from './vectors';

const HEADER_BYTES = 84;
const BYTES_PER_TRIANGLE = 50;

/**
 * A binary STL of triangles in mm, with a `title` in its header (never beginning with `solid`, which readers take
 * for the text form).
 *
 * @example writeStl(triangles, 'Round 10 g').length // 84 + 50 a triangle
 */
export function writeStl(triangles: Triangles, title: string): Uint8Array<ArrayBuffer> {
  const count = Math.floor(triangles.length / NUMBERS_PER_TRIANGLE);
  const bytes = new Uint8Array(HEADER_BYTES + count * BYTES_PER_TRIANGLE);
  const view = new DataView(bytes.buffer);
  const header = new TextEncoder().encode(`Binary STL, mm. ${title}`).subarray(0, 80);
  bytes.set(header);
  view.setUint32(80, count, true);
  for (let triangle = 0; triangle < count; triangle += 1) {
    const from = triangle * NUMBERS_PER_TRIANGLE;
    const corner = (index: number): Vec3 => [
      triangles[from + index] ?? 0,
      triangles[from + index + 1] ?? 0,
      triangles[from + index + 2] ?? 0,
    ];
    const [a, b, c] = [corner(0), corner(3), corner(6)];
    const normal = unit(cross(minus(b, a), minus(c, a)));
    const to = HEADER_BYTES + triangle * BYTES_PER_TRIANGLE;
    for (const [index, value] of [...normal, ...a, ...b, ...c].entries()) {
      view.setFloat32(to + index * 4, value, true);
    }
  }
  return bytes;
}
