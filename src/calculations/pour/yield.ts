import { z } from 'zod';
import { castingsToPour } from '@/core/pours/castings-to-pour';
import { defineCalculation } from '../calculation';
import { confidence, count, notNegative } from '../fields';

export const pourYield = defineCalculation({
  name: 'pour.yield',
  summary: 'The fewest castings of which enough are good, with a chance that is asked.',
  sources: ['binomial: each casting is good by itself with goodShare'],
  input: z.strictObject({
    wanted: count,
    goodShare: z.number().gt(0).max(1),
    confidence: confidence.optional().describe('0.9 where absent'),
  }),
  output: z.strictObject({ pieces: count, expected: notNegative }),
  example: { wanted: 20, goodShare: 0.9 },
  run: ({ wanted, goodShare, confidence: asked }) => castingsToPour(wanted, goodShare, asked),
});
