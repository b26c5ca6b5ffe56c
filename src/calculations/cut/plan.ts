import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { planCuts } from '@/core/rigs/cuts/plan-cuts';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, text } from '../fields';

export const cutPlan = defineCalculation({
  name: 'cut.plan',
  summary: 'How to cut pieces from rolls, sticks and offcuts so that the least length is opened.',
  sources: [
    'Gilmore and Gomory 1961: column generation for the cutting-stock problem',
    'an integer program solved to proof by branch and cut (HiGHS)',
  ],
  input: z.strictObject({
    stock: z
      .array(
        z.strictObject({
          id: text,
          lengthMm: positive,
          count: count.nullable().describe('how many there are; null for as many as it takes'),
        }),
      )
      .max(300),
    pieces: z
      .array(z.strictObject({ id: text, lengthMm: positive, count: count.max(1_000_000) }))
      .min(1)
      .max(300),
    kerfMm: notNegative.describe('lost between two cuts of a pattern'),
  }),
  output: z.strictObject({
    used: z.array(z.strictObject({ stockId: z.string(), count })),
    patterns: z.array(
      z.strictObject({
        stockId: z.string(),
        times: count,
        cuts: z.array(z.strictObject({ id: z.string(), count })),
      }),
    ),
    wasteMm: notNegative,
    optimal: z.boolean(),
  }),
  example: {
    stock: [
      { id: 'offcut', lengthMm: 640, count: 1 },
      { id: 'stick', lengthMm: 1000, count: null },
    ],
    pieces: [
      { id: 'front', lengthMm: 310, count: 4 },
      { id: 'rear', lengthMm: 220, count: 4 },
    ],
    kerfMm: 1,
  },
  run: async ({ stock, pieces, kerfMm }, options) => {
    const planned = await planCuts(stock, pieces, kerfMm, options);
    if (!planned.ok) return planned;
    const { used, patterns, ...rest } = planned.value;
    return done({
      ...rest,
      used: [...used],
      patterns: patterns.map(({ cuts, ...pattern }) => ({ ...pattern, cuts: [...cuts] })),
    });
  },
});
