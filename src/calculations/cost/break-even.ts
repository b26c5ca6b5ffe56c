import { z } from 'zod';
import { breakEven } from '@/core/cost/break-even';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { count, notNegative } from '../fields';

export const costBreakEven = defineCalculation({
  name: 'cost.breakEven',
  summary: 'From how many pieces on making is no dearer than buying.',
  sources: ['the smallest whole n with start + n make <= n buy'],
  input: z.strictObject({
    startCost: notNegative.describe('the outlay, in the maker’s own money'),
    makeEach: notNegative,
    buyEach: notNegative,
  }),
  output: z.strictObject({ pieces: count }),
  example: { startCost: 120, makeEach: 0.4, buyEach: 1.2 },
  run: ({ startCost, makeEach, buyEach }) => {
    const pays = breakEven(startCost, makeEach, buyEach);
    return pays.ok ? done({ pieces: pays.value }) : pays;
  },
});
