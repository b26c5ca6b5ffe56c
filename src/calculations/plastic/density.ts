import { z } from 'zod';
import { plasticDensity as densityOf } from '@/core/plastics/plastic-density';
import { defineCalculation } from '../calculation';
import { notNegative, positive, text } from '../fields';

const named = { name: text, densityGcm3: positive };

export const plasticDensity = defineCalculation({
  name: 'plastic.density',
  summary: 'How dense a mix of plastic is, and how much the water lifts a piece of it.',
  sources: ['all mass over all volume; liftG = piece (water - density)'],
  input: z.strictObject({
    parts: z
      .array(
        z.union([
          z.strictObject({ ...named, massG: notNegative }),
          z.strictObject({ ...named, volumeCm3: notNegative }),
        ]),
      )
      .min(1),
    pieceCm3: positive,
    waterGcm3: positive.optional().describe('1 where absent'),
  }),
  output: z.strictObject({ densityGcm3: positive, liftG: z.number() }),
  example: {
    parts: [
      { name: 'plastisol', densityGcm3: 1.02, volumeCm3: 100 },
      { name: 'salt', densityGcm3: 2.16, massG: 40 },
    ],
    pieceCm3: 5,
  },
  run: ({ parts, pieceCm3, waterGcm3 }) => densityOf(parts, pieceCm3, waterGcm3),
});
