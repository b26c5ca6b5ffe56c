import { z } from 'zod';
import { scaleHeat } from '@/core/heat/scale-heat';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { positive } from '../fields';

export const heatScale = defineCalculation({
  name: 'heat.scale',
  summary: 'How fast a head of another size takes heat from the stream in which some were timed.',
  sources: [
    'h = h0 (d/d0)^b, d = 6 V/A; b = -0.5 for forced convection over small bodies, fitted where two sizes were timed',
  ],
  input: z.strictObject({
    trials: z.array(z.strictObject({ volumeCm3: positive, areaCm2: positive, hWm2K: positive })).min(1),
    volumeCm3: positive,
    areaCm2: positive,
  }),
  output: z.strictObject({ hWm2K: positive, exponent: z.number().min(-1).max(0) }),
  example: { trials: [{ volumeCm3: 1, areaCm2: 5, hWm2K: 60 }], volumeCm3: 0.125, areaCm2: 1.25 },
  run: ({ trials, ...head }) => done(scaleHeat(trials, head)),
});
