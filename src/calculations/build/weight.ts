import { z } from 'zod';
import { weighBuild } from '@/core/builds/weigh-build';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, share, text } from '../fields';

export const buildWeight = defineCalculation({
  name: 'build.weight',
  summary: 'The weight of a finished bait and how far it lies from what was wanted.',
  sources: ['finishedG = sum(massG count); offShare = (finished - target) / target'],
  input: z.strictObject({
    parts: z.array(z.strictObject({ name: text, massG: notNegative, count })).min(1),
    targetG: positive.optional(),
    toleranceShare: share.optional(),
  }),
  output: z.strictObject({
    finishedG: notNegative,
    offShare: z.number().nullable(),
    within: z.boolean().nullable(),
  }),
  example: {
    parts: [
      { name: 'head', massG: 14, count: 1 },
      { name: 'skirt', massG: 1.4, count: 1 },
    ],
    targetG: 14,
    toleranceShare: 0.05,
  },
  run: ({ parts, targetG, toleranceShare }) => done(weighBuild(parts, targetG, toleranceShare)),
});
