import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { holdInCurrent } from '@/core/water/hold-in-current';
import { defineCalculation } from '../calculation';
import { notNegative, positive } from '../fields';

export const waterHold = defineCalculation({
  name: 'water.hold',
  summary: 'The least sinker that a current square across the cast does not carry off.',
  sources: [
    'cross-flow principle; Cd = 1 + 10 Re^(-2/3) on the line; a catenary under even load; Coulomb’s friction on the bottom',
    'viscosity of water after Poiseuille: 1.787e-6/(1 + 0.03368 T + 0.00022099 T^2) m2/s',
  ],
  input: z
    .strictObject({
      depthM: notNegative,
      castM: notNegative.describe('over ground from rod tip to sinker'),
      currentMs: notNegative,
      lineMm: positive,
      metalGcm3: z.number().gt(1),
      grip: positive.describe('pull it bears over its weight on the bottom'),
      driftMs: notNegative.optional().describe('how fast it may go along; 0 where absent'),
      bowShare: positive.optional().describe('how much longer than straight; 0.05 where absent'),
      waterC: z.number().min(0).max(100).optional().describe('15 where absent'),
    })
    .refine(({ depthM, castM }) => depthM + castM > 0, {
      path: ['depthM'],
      message: 'depth and cast must not both be 0',
    }),
  output: z.strictObject({ massG: notNegative, tensionN: notNegative, sagM: notNegative }),
  example: { depthM: 4, castM: 20, currentMs: 0.3, lineMm: 0.2, metalGcm3: 11.1, grip: 0.5 },
  run: (question) => {
    const { massG, tensionN, sagM } = holdInCurrent(question);
    return done({ massG, tensionN, sagM });
  },
});
