import { z } from 'zod';
import { calibrateCavity } from '@/core/cavities/calibrate-cavity';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { castingSample, notNegative, positive } from '../fields';

export const cavityCalibrate = defineCalculation({
  name: 'cavity.calibrate',
  summary: 'A cavity volume and its error from castings weighed, in any metals and on any hooks.',
  sources: [
    'V_i = (weighed/count - staying mass) / (density (1 - s)^3) + displaced; mean weighted by count',
    'standard error = sqrt(sum(count (V_i - V)^2) / ((k - 1) sum(count)))',
  ],
  input: z.strictObject({ samples: z.array(castingSample).min(1) }),
  output: z.strictObject({
    cavityVolumeCm3: positive,
    standardErrorCm3: notNegative.nullable(),
    samples: z.array(z.strictObject({ volumeCm3: z.number(), residualG: z.number() })),
  }),
  example: {
    samples: [
      { weighedG: 49.9, count: 5, metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 }, embedded: [] },
      { weighedG: 30.1, count: 3, metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 }, embedded: [] },
    ],
  },
  run: ({ samples }) => {
    const found = calibrateCavity(samples);
    return found.ok ? done({ ...found.value, samples: [...found.value.samples] }) : found;
  },
});
