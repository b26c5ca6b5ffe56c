import { z } from 'zod';
import { findRestPoses } from '@/core/meshes/find-rest-poses';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative, share } from '../fields';
import { CORNER_OF_A_CUBE, readTriangles, triangles, triple, vec3 } from './fields';

export const meshRest = defineCalculation({
  name: 'mesh.rest',
  summary: 'The faces on which a body comes to rest and how likely each is.',
  sources: [
    'Convex hull (quickhull); solid angles after van Oosterom and Strackee 1983',
    'A face that does not hold hands its share over the edge the foot of the center of mass lies farthest outside of',
  ],
  input: z.strictObject({
    triangles,
    centerOfMassMm: vec3.optional().describe("the mesh's own where absent"),
  }),
  output: z.strictObject({
    poses: z.array(
      z.strictObject({
        normal: vec3.describe('of the face it stands on, outward'),
        share,
        stableMarginMm: notNegative,
      }),
    ),
  }),
  example: { triangles: CORNER_OF_A_CUBE },
  run: (input) => {
    const read = readTriangles(input.triangles);
    if (!read.ok) return read;
    const found = findRestPoses(read.value, input.centerOfMassMm);
    if (!found.ok) return found;
    return done({
      poses: found.value.map((pose) => ({
        ...pose,
        share: Math.min(1, pose.share),
        normal: triple(pose.normal),
      })),
    });
  },
});
