import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { compareCatches } from '@/core/water/compare-catches';
import { defineCalculation } from '../calculation';
import { confidence, count, notNegative, positive, text } from '../fields';

export const catchCompare = defineCalculation({
  name: 'catch.compare',
  summary: 'What caught more in an hour, where catches come in clumps.',
  sources: [
    'gamma with shape (catches + 0.5)/phi and rate (hours + 1)/phi; phi is Pearson’s dispersion within groups, never under 1',
  ],
  input: z.strictObject({
    groups: z
      .array(
        z.strictObject({
          id: text,
          outings: z.array(z.strictObject({ catches: count, hours: notNegative })).min(1),
        }),
      )
      .min(1),
    confidence: confidence.optional().describe('0.9 where absent'),
  }),
  output: z.strictObject({
    groups: z.array(
      z.strictObject({ id: z.string(), perHour: positive, low: notNegative, high: notNegative }),
    ),
    dispersion: z.number().min(1),
    winner: z.string().nullable(),
  }),
  example: {
    groups: [
      {
        id: 'ember',
        outings: [
          { catches: 9, hours: 4 },
          { catches: 7, hours: 3 },
        ],
      },
      {
        id: 'reed',
        outings: [
          { catches: 1, hours: 4 },
          { catches: 0, hours: 3 },
        ],
      },
    ],
  },
  run: ({ groups, confidence: asked }) => {
    const compared = compareCatches(groups, asked);
    return compared.ok ? done({ ...compared.value, groups: [...compared.value.groups] }) : compared;
  },
});
