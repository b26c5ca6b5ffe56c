import { z } from 'zod';
import { NUMBERS_PER_TRIANGLE, type Vec3 } from '@/core/meshes/mesh';
import { done, fail, type Outcome } from '@/core/problems/problem';

export const vec3 = z.tuple([z.number(), z.number(), z.number()]);

export const triangles = z
  .array(z.number())
  .min(9)
  .describe('nine numbers a triangle: three corners of x, y, z in mm, counterclockwise seen from outside');

/** A list of numbers as triangles. Problem: `mesh.ragged` where it does not make whole ones. */
export function readTriangles(numbers: readonly number[]): Outcome<Float64Array> {
  return numbers.length % NUMBERS_PER_TRIANGLE === 0
    ? done(Float64Array.from(numbers))
    : fail('mesh.ragged', { numbers: numbers.length }, ['triangles']);
}

/** The worked example of both: a corner cut off a cube. */
export const CORNER_OF_A_CUBE = [
  [0, 0, 0, 0, 10, 0, 10, 0, 0],
  [0, 0, 0, 10, 0, 0, 0, 0, 10],
  [0, 0, 0, 0, 0, 10, 0, 10, 0],
  [10, 0, 0, 0, 10, 0, 0, 0, 10],
].flat();

/** A vector of the core as the schemas spell it. */
export function triple([x, y, z]: Vec3): [number, number, number] {
  return [x, y, z];
}
