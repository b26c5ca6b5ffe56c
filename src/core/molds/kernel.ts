import openManifold, { type Manifold, type ManifoldToplevel, type Mesh } from 'manifold-3d';
import { NUMBERS_PER_TRIANGLE, type Triangles } from '../meshes/mesh';
import { weldMesh } from '../meshes/weld-mesh';

let loading: Promise<ManifoldToplevel> | null = null;

/** Bodies in the geometry kernel, all let go of when the work is done. */
export interface Workbench {
  readonly kernel: ManifoldToplevel;
  /** Keeps a body until the work is done: the kernel's memory is its own and is not collected. */
  readonly keep: (body: Manifold) => Manifold;
  readonly fromTriangles: (triangles: Triangles) => Manifold;
}

/**
 * Does work with the geometry kernel (manifold-3d) and lets go of every body kept.
 *
 * @example await atKernel(({ kernel, keep }) => keep(kernel.Manifold.sphere(5)).volume())
 */
export async function atKernel<T>(work: (bench: Workbench) => T): Promise<T> {
  loading ??= openManifold().then((opened) => {
    opened.setup();
    return opened;
  });
  const kernel = await loading;
  const kept: Manifold[] = [];
  const keep = (body: Manifold) => {
    kept.push(body);
    return body;
  };
  const fromTriangles = (triangles: Triangles) => {
    const { positions, corners } = weldMesh(triangles);
    const mesh = new kernel.Mesh({
      numProp: 3,
      vertProperties: Float32Array.from(positions),
      triVerts: corners,
    });
    return keep(kernel.Manifold.ofMesh(mesh));
  };
  try {
    return work({ kernel, keep, fromTriangles });
  } finally {
    for (const body of kept) body.delete();
  }
}

/**
 * A kernel body as nine numbers a triangle.
 *
 * @example trianglesOf(kernel.Manifold.cube(1)).length // 108
 */
export function trianglesOf(body: Manifold): Float32Array {
  const { triVerts, vertProperties, numProp }: Mesh = body.getMesh();
  const triangles = new Float32Array((triVerts.length / 3) * NUMBERS_PER_TRIANGLE);
  for (const [corner, vertex] of triVerts.entries()) {
    for (let axis = 0; axis < 3; axis += 1) {
      triangles[corner * 3 + axis] = vertProperties[vertex * numProp + axis] ?? 0;
    }
  }
  return triangles;
}
