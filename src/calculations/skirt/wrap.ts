import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { wrapSheet } from '@/core/skirts/wrap-sheet';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, share } from '../fields';

export const skirtWrap = defineCalculation({
  name: 'skirt.wrap',
  summary: 'How many legs of a cut sheet go round a head, and how far they stretch.',
  sources: ['legs = whole part of pi D / w, never overlapping; stretch = pi D / (legs w) - 1'],
  input: z.strictObject({ headDiameterMm: positive, legWidthMm: positive, maxStretch: share }),
  output: z.strictObject({ legs: count, stretch: notNegative.nullable(), fits: z.boolean() }),
  example: { headDiameterMm: 20, legWidthMm: 3, maxStretch: 0.1 },
  run: ({ headDiameterMm, legWidthMm, maxStretch }) =>
    done(wrapSheet(headDiameterMm, legWidthMm, maxStretch)),
});
