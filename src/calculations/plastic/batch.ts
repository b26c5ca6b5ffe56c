import { z } from 'zod';
import { scaleBatch } from '@/core/plastics/scale-batch';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, share, shareUnderOne, text } from '../fields';

const additive = z.strictObject({ name: text, amount: notNegative, unit: text });

export const plasticBatch = defineCalculation({
  name: 'plastic.batch',
  summary:
    'How much plastic a batch of soft baits takes, and its color and flake in the recipe’s proportions.',
  sources: ['plastic = split sum(piece count + runner ceil(count / cavities)) / (1 - loss)'],
  input: z.strictObject({
    shots: z
      .array(
        z.strictObject({
          name: text,
          pieceCm3: positive,
          count,
          cavities: z.int().min(1).describe('filled by one shot'),
          runnerCm3: notNegative,
        }),
      )
      .min(1),
    lossShare: shareUnderOne.describe('what stays in cup and injector'),
    recipe: z.strictObject({
      baseCm3: positive.describe('the plastic that the additives were counted into'),
      additives: z.array(additive),
    }),
    splitShare: share.optional().describe('this color’s part of a laminate, 1 where absent'),
  }),
  output: z.strictObject({ plasticCm3: notNegative, additives: z.array(additive) }),
  example: {
    shots: [{ name: 'grub', pieceCm3: 3, count: 20, cavities: 4, runnerCm3: 2 }],
    lossShare: 0.1,
    recipe: { baseCm3: 100, additives: [{ name: 'green', amount: 12, unit: 'drops' }] },
  },
  run: ({ shots, lossShare, recipe, splitShare }) => {
    const { plasticCm3, additives } = scaleBatch(shots, lossShare, recipe, splitShare);
    return done({ plasticCm3, additives: [...additives] });
  },
});
