import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { dragFromFall } from '@/core/water/fall-on-line';
import { defineCalculation } from '../calculation';
import { fallingBait, positive } from '../fields';

export const waterFallFit = defineCalculation({
  name: 'water.fallFit',
  summary: 'The drag area of a bait from one timed drop.',
  sources: ['water.fall solved for the drag area'],
  input: z.strictObject({ ...fallingBait, seconds: positive.describe('down to the depth') }),
  output: z.strictObject({ dragAreaCm2: positive }),
  example: { massG: 7, volumeCm3: 0.65, lineMm: 0.25, depthM: 3, seconds: 2.5 },
  run: ({ seconds, ...bait }) => {
    const found = dragFromFall(bait, seconds);
    return found.ok ? done({ dragAreaCm2: found.value }) : found;
  },
});
