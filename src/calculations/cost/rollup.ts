import { z } from 'zod';
import { rollUpCost } from '@/core/cost/roll-up-cost';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative, positive, shareUnderOne, text } from '../fields';

export const costRollup = defineCalculation({
  name: 'cost.rollup',
  summary: 'What a piece costs: parts, hands, tools over their life, energy.',
  sources: ['a part costs qty x unit cost / (1 - scrap); hands and energy are for the batch'],
  input: z.strictObject({
    parts: z.array(
      z.strictObject({
        name: text,
        qty: notNegative,
        unitCost: notNegative,
        scrapShare: shareUnderOne.optional().describe('0 where absent'),
      }),
    ),
    labour: z.array(
      z.strictObject({
        name: text,
        minutes: notNegative.describe('for the batch'),
        ratePerHour: notNegative,
      }),
    ),
    tooling: z.array(z.strictObject({ name: text, cost: notNegative, lifePieces: positive })),
    energy: z
      .array(z.strictObject({ kWh: notNegative.describe('for the batch'), pricePerKWh: notNegative }))
      .optional(),
    batch: z.int().min(1).describe('pieces'),
  }),
  output: z.strictObject({
    perPiece: notNegative,
    materials: notNegative,
    labour: notNegative,
    tooling: notNegative,
    energy: notNegative,
  }),
  example: {
    parts: [{ name: 'tab', qty: 2.25, unitCost: 0.26 }],
    labour: [{ name: 'tying', minutes: 26, ratePerHour: 12 }],
    tooling: [{ name: 'tube tool', cost: 9, lifePieces: 2000 }],
    batch: 10,
  },
  run: (input) => done(rollUpCost(input)),
});
