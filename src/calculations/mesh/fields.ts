import { z } from 'zod';
import type { Vec3 } from '@/core/meshes/mesh';

export const vec3 = z.tuple([z.number(), z.number(), z.number()]);

export const triangles = z
  .array(z.number())
  .min(9)
  .describe('nine numbers a triangle: three corners of x, y, z in mm, counterclockwise seen from outside');

/** A vector of the core as the schemas spell it. */
export function triple([x, y, z]: Vec3): [number, number, number] {
  return [x, y, z];
}
