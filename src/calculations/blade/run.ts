import { z } from 'zod';
import { BLADE_FORM_IDS } from '@/core/builds/blades/definition';
import { runBlades } from '@/core/builds/run-blades';
import { defineCalculation } from '../calculation';
import { notNegative, positive } from '../fields';

export const bladeRun = defineCalculation({
  name: 'blade.run',
  summary:
    'How blades run beside others: area, slowest speed, pull, flash and thump. Relative: an estimate by form.',
  sources: [
    'A = share of length x width by form; v = sqrt(2 W / (rho sum(A Cl))); pull = rho v^2 sum(A Cd) / 2',
    'lift and drag coefficients are estimates, corrected by a speed the maker saw',
  ],
  input: z.strictObject({
    blades: z
      .array(z.strictObject({ form: z.enum(BLADE_FORM_IDS), lengthMm: positive, widthMm: positive }))
      .min(1),
    massG: positive,
    volumeCm3: positive,
    waterGcm3: positive.optional().describe('1 where absent'),
    speedMs: positive.optional().describe('at which the pull is asked; the slowest where absent'),
    seenFactor: positive.optional().describe('a seen slowest speed over the computed one, 1 where absent'),
  }),
  output: z.strictObject({
    areaCm2: positive,
    slowestMs: positive,
    pullN: notNegative,
    flashCm2: positive,
    thumpMm: positive,
  }),
  example: {
    blades: [
      { form: 'leaf', lengthMm: 46, widthMm: 18 },
      { form: 'round', lengthMm: 20, widthMm: 18 },
    ],
    massG: 17,
    volumeCm3: 2.6,
  },
  run: ({ waterGcm3, speedMs, seenFactor, ...bait }) =>
    runBlades({
      ...bait,
      ...(waterGcm3 === undefined ? {} : { waterGcm3 }),
      ...(speedMs === undefined ? {} : { speedMs }),
      ...(seenFactor === undefined ? {} : { seenFactor }),
    }),
});
