import { measureMesh, type MeshMeasure } from '../meshes/measure-mesh';
import { coarsenMesh } from '../meshes/coarsen-mesh';
import { meshBounds } from '../meshes/mesh-bounds';
import type { Triangles, Vec3 } from '../meshes/mesh';
import type { Solid } from '../solids/solid';
import { atKernel, trianglesOf } from './kernel';
import { layMesh } from './lay-mesh';
import { raiseSolid } from './raise-solid';

/** A body as it lies: its skin, and what it measures. */
export interface StudiedBody {
  /** A mesh of it light enough to draw and to lay down, its axis along x from nose to tail; mm. */
  readonly sketch: Float32Array;
  readonly measure: MeshMeasure;
  /** Volume over area, mm. */
  readonly modulusMm: number;
  /** Area of its shadow along the axis, cm2: what meets the water as it falls on its line. */
  readonly frontalCm2: number;
}

const AROUND = 32;
/** A read mesh with more triangles than this is sketched. */
const MOST_SKETCHED = 6000;
/** How many cells its longest side has in the sketch. */
const SKETCH_CELLS = 18;
const MM2_PER_CM2 = 100;
const MM_PER_CM = 10;

/**
 * Raises a solid and measures what the closed forms leave out: area, modulus, frontal area. `scale` makes the cold
 * casting of the hot cavity: 1 less the shrink.
 *
 * @example (await studySolid({ parts: [{ shape: 'sphere', diameterMm: 12 }] }, 1)).modulusMm // 2.0, a third of the radius
 */
export function studySolid(solid: Solid, scale: number): Promise<StudiedBody> {
  return atKernel((bench) => {
    const body = bench.keep(raiseSolid(bench, solid, AROUND).rotate([0, 90, 0]));
    const cold = bench.keep(body.scale(scale));
    // Seen along its own axis.
    const shadow = bench.keep(cold.rotate([0, 90, 0])).project();
    const frontalCm2 = shadow.area() / MM2_PER_CM2;
    shadow.delete();
    return study(trianglesOf(cold), frontalCm2);
  });
}

/**
 * Measures a mesh read from a file, turned so that its longest side lies along x.
 *
 * @example studyMesh(boxOf(10, 20, 30)).frontalCm2 // 1.57, the ellipse in its ends of 10 by 20
 */
export function studyMesh(triangles: Triangles): StudiedBody {
  const laid = layMesh(triangles, 1);
  const { min, max } = meshBounds(laid);
  return study(laid, ((Math.PI / 4) * (max[1] - min[1]) * (max[2] - min[2])) / MM2_PER_CM2);
}

function study(triangles: Float32Array, frontalCm2: number): StudiedBody {
  const measure = measureMesh(triangles);
  const isLight = triangles.length / 9 <= MOST_SKETCHED;
  return {
    sketch: isLight ? triangles : coarsenMesh(triangles, SKETCH_CELLS),
    measure,
    modulusMm: (measure.volumeCm3 / measure.areaCm2) * MM_PER_CM,
    frontalCm2,
  };
}

/**
 * A studied body k times as large.
 *
 * @example scaleStudied(body, 2).measure.volumeCm3 // 8 times as much
 */
export function scaleStudied(body: StudiedBody, k: number): StudiedBody {
  const { measure } = body;
  const scaled = ([x, y, z]: Vec3): Vec3 => [x * k, y * k, z * k];
  return {
    sketch: body.sketch.map((value) => value * k),
    modulusMm: body.modulusMm * k,
    frontalCm2: body.frontalCm2 * k * k,
    measure: {
      ...measure,
      volumeCm3: measure.volumeCm3 * k ** 3,
      areaCm2: measure.areaCm2 * k ** 2,
      centroidMm: scaled(measure.centroidMm),
      boundsMm: { min: scaled(measure.boundsMm.min), max: scaled(measure.boundsMm.max) },
    },
  };
}
