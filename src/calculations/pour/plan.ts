import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { planPours } from '@/core/pours/plan-pours';
import { tallyByItem } from '@/core/stock/tally-by-item';
import { defineCalculation } from '../calculation';
import { count, keyCount, notNegative, text } from '../fields';

const run = z.strictObject({ moldId: text, pours: count, filled: z.array(keyCount) });

export const pourPlan = defineCalculation({
  name: 'pour.plan',
  summary: 'The shortest pour session that casts what is asked, proven.',
  sources: [
    'Covering integer program: minimize sum(secondsPerPour pours + setupSeconds where poured)',
    'Solved by HiGHS branch and cut to a gap of zero',
  ],
  input: z.strictObject({
    demand: z.array(keyCount).min(1).max(1000),
    molds: z
      .array(
        z.strictObject({
          id: text,
          cavities: z
            .array(text.nullable())
            .min(1)
            .max(500)
            .describe('what each cavity gives; null for none'),
          secondsPerPour: notNegative,
          setupSeconds: notNegative,
          fillAll: z.boolean().optional().describe('every cavity fills on each pour'),
          copies: z.int().min(1).optional().describe('equal blocks poured as one'),
          maxPours: count.optional(),
        }),
      )
      .max(300),
  }),
  output: z.strictObject({
    totalSeconds: notNegative,
    pours: count,
    runs: z.array(run),
    overPour: z.array(keyCount),
    optimal: z.boolean(),
  }),
  example: {
    demand: [
      { key: 'round 10 g', count: 60 },
      { key: 'round 14 g', count: 24 },
    ],
    molds: [
      { id: 'Block C', cavities: [null, 'round 10 g', 'round 14 g'], secondsPerPour: 38, setupSeconds: 600 },
      { id: 'Block F', cavities: ['round 10 g', 'round 10 g'], secondsPerPour: 45, setupSeconds: 600 },
    ],
  },
  run: async ({ demand, molds }, options) => {
    const planned = await planPours(
      demand,
      molds.map((mold) => ({ ...mold, cavities: mold.cavities.map((key) => (key === null ? [] : [key])) })),
      options,
    );
    if (!planned.ok) return planned;
    const runs = planned.value.runs.map(({ moldId, pours, fills }) => {
      const castings = fills.flatMap(({ filled }) =>
        filled.map(({ key, count: qty }) => ({ item: key, qty })),
      );
      return { moldId, pours, filled: [...tallyByItem(castings)].map(([key, qty]) => ({ key, count: qty })) };
    });
    const { totalSeconds, pours, overPour, optimal } = planned.value;
    return done({ totalSeconds, pours, runs, overPour: [...overPour], optimal });
  },
});
