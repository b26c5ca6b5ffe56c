import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { rateStrength } from '@/core/rigs/rate-strength';
import { defineCalculation } from '../calculation';
import { notNegative, share, text } from '../fields';

export const rigStrength = defineCalculation({
  name: 'rig.strength',
  summary: 'What a rig holds: its weakest link, each with what its knot or crimp leaves of it.',
  sources: ['least of break × efficiency'],
  input: z.strictObject({
    links: z
      .array(
        z.strictObject({
          name: text,
          breakKgf: notNegative,
          efficiency: share.optional().describe('what its knot or crimp leaves of it; 1 where absent'),
        }),
      )
      .min(1),
  }),
  output: z.strictObject({ kgf: notNegative, weakest: z.string() }),
  example: {
    links: [
      { name: 'cable', breakKgf: 18, efficiency: 0.9 },
      { name: 'swivel', breakKgf: 20 },
    ],
  },
  run: ({ links }) => done(rateStrength(links)),
});
