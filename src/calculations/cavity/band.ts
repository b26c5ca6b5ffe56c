import { z } from 'zod';
import { cavityBand as bandOf } from '@/core/cavities/cavity-band';
import { defineCalculation } from '../calculation';
import { castingSample, castMetal, confidence, embeddedPart, notNegative } from '../fields';

export const cavityBand = defineCalculation({
  name: 'cavity.band',
  summary: 'Where the next single casting of a cavity lies.',
  sources: [
    'prediction interval of a normal sample: t f s sqrt(1 + 1/n), with the doubt of density and hardware by z, as squares',
    'V, V_i as in cavity.calibrate; s = sqrt(sum(count (V_i - V)^2)/(k - 1)), the spread of one piece',
  ],
  input: z.strictObject({
    samples: z.array(castingSample).min(1),
    metal: castMetal,
    embedded: z.array(embeddedPart),
    densityShareSd: notNegative.optional().describe('of the metal’s density, as a share; 0 where absent'),
    hardwareSdG: notNegative.optional().describe('of what is cast in, g; 0 where absent'),
    confidence: confidence.optional().describe('0.95 where absent'),
  }),
  output: z.strictObject({
    finishedG: notNegative,
    bandG: notNegative.nullable().describe('to either side; null after one weighing'),
  }),
  example: {
    samples: [
      { weighedG: 9.98, count: 1, metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 }, embedded: [] },
      { weighedG: 10.03, count: 1, metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 }, embedded: [] },
      { weighedG: 9.95, count: 1, metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 }, embedded: [] },
    ],
    metal: { densityGcm3: 11.033, shrinkLinear: 0.0065 },
    embedded: [],
  },
  run: (question) => bandOf(question),
});
