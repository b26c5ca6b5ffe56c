import { z } from 'zod';
import { floatShot as shotOf } from '@/core/water/float-shot';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, text } from '../fields';

export const floatShot = defineCalculation({
  name: 'float.shot',
  summary: 'How much shot a float takes with what hangs under it.',
  sources: ['Archimedes: lift = rho (V - out) - mass; shot loses rho/rho_shot of its weight in water'],
  input: z.strictObject({
    floatVolumeCm3: positive,
    floatMassG: notNegative,
    standsOutCm3: notNegative.optional().describe('what is to stand out of the water; 0 where absent'),
    carried: z.array(
      z.strictObject({
        name: text,
        massG: notNegative,
        volumeCm3: notNegative,
        count: count.optional().describe('1 where absent'),
      }),
    ),
    shotGcm3: positive.optional().describe('11.34 where absent'),
    waterGcm3: positive.optional().describe('1 where absent'),
  }),
  output: z.strictObject({ capacityG: positive, leftG: z.number() }),
  example: {
    floatVolumeCm3: 4,
    floatMassG: 1.1,
    standsOutCm3: 0.4,
    carried: [{ name: 'hook', massG: 0.15, volumeCm3: 0.019 }],
  },
  run: (question) => shotOf(question),
});
