import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { sinkSpeed } from '@/core/water/sink-speed';
import { defineCalculation } from '../calculation';
import { positive } from '../fields';

export const waterSink = defineCalculation({
  name: 'water.sink',
  summary: 'The steady fall of a body through water.',
  sources: ['Weight in water equals drag: v = sqrt(2 (m - rho V) g / (rho A Cd)), g = 9.80665 m/s2'],
  input: z.strictObject({
    massG: positive,
    volumeCm3: positive,
    frontalCm2: positive.describe('area seen from below'),
    dragCoefficient: positive,
    waterGcm3: positive.optional().describe('1 where absent'),
  }),
  output: z.strictObject({ metresPerSecond: positive }),
  example: { massG: 10, volumeCm3: 0.9, frontalCm2: 1.13, dragCoefficient: 0.47 },
  run: ({ waterGcm3 = 1, ...body }) => {
    const speed = sinkSpeed({ ...body, waterGcm3 });
    return speed.ok ? done({ metresPerSecond: speed.value }) : speed;
  },
});
