import { z } from 'zod';
import { powderUsage } from '@/core/coats/powder-usage';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive } from '../fields';

export const powderUsageCalculation = defineCalculation({
  name: 'powder.usage',
  summary: 'How much powder heads take.',
  sources: ['area x film x density, over the share of the powder that stays on'],
  input: z.strictObject({
    areaCm2: positive,
    filmUm: positive.describe('the cured film, micrometers'),
    densityGcm3: positive,
    utilization: z.number().gt(0).max(1).describe('share of the powder used that stays on the head'),
    count,
  }),
  output: z.strictObject({ gramsPerPiece: notNegative, totalG: notNegative }),
  example: { areaCm2: 5, filmUm: 80, densityGcm3: 1.5, utilization: 0.6, count: 20 },
  run: (input) => done(powderUsage(input)),
});
