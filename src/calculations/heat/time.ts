import { z } from 'zod';
import { heatTime } from '@/core/heat/heat-time';
import { defineCalculation } from '../calculation';
import { celsius, positive } from '../fields';

export const heatTimeCalculation = defineCalculation({
  name: 'heat.time',
  summary: 'How long a piece takes to heat or cool to a temperature in a source that holds its own.',
  sources: [
    "Newton's law for one temperature throughout: t = m c / (h A) ln((Tsource - Tstart) / (Tsource - Ttarget))",
    'biot = h (thickness / 2) / k; one temperature throughout is good enough under 0.1',
  ],
  input: z.strictObject({
    massG: positive,
    specificHeatJkgK: positive,
    areaCm2: positive,
    hWm2K: positive.describe('heat transfer from the source'),
    sourceC: celsius,
    startC: celsius,
    targetC: celsius,
    thicknessMm: positive.optional(),
    conductivityWmK: positive.optional().describe('35, lead, where absent'),
  }),
  output: z.strictObject({
    seconds: z.number().min(0),
    biot: z.number().min(0).nullable(),
    lumpedValid: z.boolean().nullable(),
  }),
  example: {
    massG: 10,
    specificHeatJkgK: 129,
    areaCm2: 4,
    hWm2K: 60,
    sourceC: 230,
    startC: 20,
    targetC: 200,
    thicknessMm: 9,
  },
  run: heatTime,
});
