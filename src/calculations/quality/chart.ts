import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { chartWeights } from '@/core/quality/chart-weights';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive } from '../fields';

export const qualityChart = defineCalculation({
  name: 'quality.chart',
  summary: 'Center, limits and outliers of castings weighed one by one.',
  sources: ['Individuals and moving ranges (Shewhart): sigma = mean moving range / 1.128, limits 3 sigma'],
  input: z.strictObject({
    weighedG: z.array(notNegative).min(2).describe('in the order of casting'),
    targetG: positive,
    toleranceG: notNegative,
  }),
  output: z.strictObject({
    meanG: notNegative,
    sigmaG: notNegative,
    centerG: notNegative,
    lowerG: z.number(),
    upperG: z.number(),
    outside: z.array(count),
    cpk: z.number().nullable(),
  }),
  example: { weighedG: [9.9, 10.1, 10, 9.8, 10.2, 11.4], targetG: 10, toleranceG: 0.5 },
  run: ({ weighedG, targetG, toleranceG }) => {
    const chart = chartWeights(weighedG, targetG, toleranceG);
    return done({ ...chart, outside: [...chart.outside] });
  },
});
