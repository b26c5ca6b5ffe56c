import { z } from 'zod';
import { fallOnLine } from '@/core/water/fall-on-line';
import { defineCalculation } from '../calculation';
import { fallingBait, positive } from '../fields';

export const waterFall = defineCalculation({
  name: 'water.fall',
  summary: 'How long a bait falls to a depth on the line that it draws after it.',
  sources: [
    'W = rho v^2 (CdA + Cf pi d z)/2: weight in water borne by its own drag and its line’s, in steady fall',
  ],
  input: z.strictObject({
    ...fallingBait,
    dragAreaCm2: positive.describe('drag coefficient times frontal area'),
  }),
  output: z.strictObject({ seconds: positive, meanMs: positive, endMs: positive }),
  example: { massG: 7, volumeCm3: 0.65, dragAreaCm2: 0.6, lineMm: 0.25, depthM: 3 },
  run: ({ dragAreaCm2, ...bait }) => fallOnLine(bait, dragAreaCm2),
});
