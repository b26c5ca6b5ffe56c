import { countEdges } from './count-edges';
import { measureSkin, type SkinMeasure } from './measure-skin';
import type { Triangles } from './mesh';
import { weldMesh } from './weld-mesh';

export interface MeshMeasure extends SkinMeasure {
  /** Every edge shared by exactly two triangles. */
  readonly watertight: boolean;
  readonly openEdges: number;
  /** Edges whose two triangles face opposite ways; over 0 the volume is not to be trusted. */
  readonly flippedEdges: number;
}

/**
 * What a mesh measures and how tight it is. Finding the edges takes most of the time: `measureSkin` does without.
 *
 * Throws without a whole triangle.
 *
 * @example measureMesh(unitCube).volumeCm3 // 0.001
 */
export function measureMesh(triangles: Triangles): MeshMeasure {
  const skin = measureSkin(triangles);
  const { open, flipped } = countEdges(weldMesh(triangles));
  return { ...skin, watertight: open === 0, openEdges: open, flippedEdges: flipped };
}
