import { z } from 'zod';
import { measureMesh } from '@/core/meshes/measure-mesh';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative } from '../fields';
import { CORNER_OF_A_CUBE, readTriangles, triangles, triple, vec3 } from './fields';

export const meshMeasure = defineCalculation({
  name: 'mesh.measure',
  summary: 'Volume, area, center, bounds and tightness of a triangle mesh.',
  sources: [
    'Signed tetrahedra from the middle of the bounds',
    'An edge is closed where exactly two triangles share it',
  ],
  input: z.strictObject({ triangles }),
  output: z.strictObject({
    volumeCm3: notNegative,
    areaCm2: notNegative,
    centroidMm: vec3,
    boundsMm: z.strictObject({ min: vec3, max: vec3 }),
    triangles: count,
    watertight: z.boolean(),
    openEdges: count.describe('edges not shared by exactly two triangles'),
  }),
  example: { triangles: CORNER_OF_A_CUBE },
  run: (input) => {
    const read = readTriangles(input.triangles);
    if (!read.ok) return read;
    const measured = measureMesh(read.value);
    const { volumeCm3, areaCm2, centroidMm, boundsMm, watertight, openEdges } = measured;
    return done({
      volumeCm3,
      areaCm2,
      centroidMm: triple(centroidMm),
      boundsMm: { min: triple(boundsMm.min), max: triple(boundsMm.max) },
      triangles: measured.triangles,
      watertight,
      openEdges,
    });
  },
});
