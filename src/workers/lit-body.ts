import { BufferAttribute, BufferGeometry } from 'three';
import { toCreasedNormals } from 'three/examples/jsm/utils/BufferGeometryUtils.js';
import type { LitBody } from './protocol';

/** Faces that meet under this angle are one round skin. */
const CREASE = Math.PI / 5;

/**
 * A body with the way its skin faces at each corner: round where its faces meet flat, sharp at its edges.
 *
 * @example litBody(cube).normals.length // as its triangles
 */
export function litBody(triangles: Float32Array): LitBody {
  const plain = new BufferGeometry();
  plain.setAttribute('position', new BufferAttribute(triangles, 3));
  const creased = toCreasedNormals(plain, CREASE);
  return {
    triangles: Float32Array.from(creased.getAttribute('position').array),
    normals: Float32Array.from(creased.getAttribute('normal').array),
  };
}
