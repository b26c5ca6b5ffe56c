import { z } from 'zod';
import { sweepBlades } from '@/core/builds/sweep-blades';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative, positive, rightAngle, text } from '../fields';

export const wireSweep = defineCalculation({
  name: 'wire.sweep',
  summary: 'How far turning blades stay off the body.',
  sources: [
    'on the arm: hanger sin(spread) + min(0, L sin(spread - stands)) - radius',
    'at the end: arm sin(spread) - L sin(stands) - radius',
  ],
  input: z.strictObject({
    spreadDeg: rightAngle.describe('how far the arm leaves the body’s axis'),
    armMm: positive,
    bodyRadiusMm: notNegative,
    blades: z.array(
      z.strictObject({
        name: text,
        hangs: z.enum(['arm', 'end']),
        hangerMm: notNegative.optional().describe('of one on the arm: from the eye'),
        lengthMm: positive,
        standsDeg: rightAngle.describe('off the axis about which it turns'),
      }),
    ),
  }),
  output: z.strictObject({
    blades: z.array(z.strictObject({ name: z.string(), clearanceMm: z.number(), clears: z.boolean() })),
  }),
  example: {
    spreadDeg: 40,
    armMm: 80,
    bodyRadiusMm: 6,
    blades: [{ name: 'willow', hangs: 'end' as const, lengthMm: 40, standsDeg: 25 }],
  },
  run: (question) => {
    const swept = sweepBlades(question);
    return swept.ok ? done({ blades: swept.value }) : swept;
  },
});
