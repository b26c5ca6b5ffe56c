import { z } from 'zod';
import { checkWire } from '@/core/builds/check-wire';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative, positive, text } from '../fields';

export const wireCheck = defineCalculation({
  name: 'wire.check',
  summary: 'Whether parts fit an arm, and whether their blades strike each other or the body.',
  sources: [
    'stack = sum(length); free = arm - stack - loop reserve; fits when free >= least free',
    'overlap = max(0, blade length - distance to the next hanger); clears the body when width/2 < gap',
  ],
  input: z.strictObject({
    armMm: positive,
    parts: z
      .array(
        z.strictObject({
          name: text,
          lengthMm: notNegative.describe('how much of the arm it takes'),
          blade: z.strictObject({ lengthMm: positive, widthMm: positive }).optional(),
        }),
      )
      .min(1)
      .describe('from the eye to the arm’s end'),
    loopReserveMm: notNegative,
    minFreeMm: notNegative,
    armGapMm: notNegative.describe('from the arm to the body'),
  }),
  output: z.strictObject({
    stackMm: notNegative,
    freeMm: z.number(),
    fits: z.boolean(),
    blades: z.array(z.strictObject({ name: text, overlapNextMm: notNegative, clearsBody: z.boolean() })),
  }),
  example: {
    armMm: 62,
    parts: [
      { name: 'clevis', lengthMm: 4, blade: { lengthMm: 24, widthMm: 13 } },
      { name: 'beads', lengthMm: 12 },
      { name: 'loop', lengthMm: 0, blade: { lengthMm: 46, widthMm: 18 } },
    ],
    loopReserveMm: 14,
    minFreeMm: 4,
    armGapMm: 26,
  },
  run: ({ parts, ...arm }) => {
    const check = checkWire({
      ...arm,
      parts: parts.map(({ blade, ...part }) => (blade ? { ...part, blade } : part)),
    });
    return done({ ...check, blades: [...check.blades] });
  },
});
