import { z } from 'zod';
import { predictCasting } from '@/core/cavities/predict-casting';
import { defineCalculation } from '../calculation';
import { castMetal, embeddedPart, notNegative, positive } from '../fields';

export const cavityPredict = defineCalculation({
  name: 'cavity.predict',
  summary: 'What a cavity gives in a metal around its hook and pins.',
  sources: ['metalG = density (1 - s)^3 (V - displaced); finishedG adds the mass of what stays'],
  input: z.strictObject({ cavityVolumeCm3: positive, metal: castMetal, embedded: z.array(embeddedPart) }),
  output: z.strictObject({ metalG: notNegative, finishedG: notNegative, displacedCm3: notNegative }),
  example: {
    cavityVolumeCm3: 0.91,
    metal: { densityGcm3: 11.033, shrinkLinear: 0.008 },
    embedded: [{ name: 'hook 2/0', massG: 1.24, volumeCm3: 0.158, embeddedShare: 0.3 }],
  },
  run: ({ cavityVolumeCm3, metal, embedded }) => predictCasting(cavityVolumeCm3, metal, embedded),
});
