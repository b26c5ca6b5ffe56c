import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { fitGape } from '@/core/rigs/fit-gape';
import { defineCalculation } from '../calculation';
import { positive, share } from '../fields';

export const fitGapeCalculation = defineCalculation({
  name: 'fit.gape',
  summary: 'Whether a hook’s gape passes a body, stays out of it, or is of the size between that fouls.',
  sources: ['rides over from body (1 + clear) on, stays out up to body (1 - clear), between it can foul'],
  input: z.strictObject({
    gapeMm: positive,
    bodyMm: positive,
    clearShare: share.optional().describe('of the body, to either side; 0.15 where absent'),
  }),
  output: z.strictObject({ verdict: z.enum(['rides-over', 'stays-out', 'can-foul']) }),
  example: { gapeMm: 14, bodyMm: 10 },
  run: ({ gapeMm, bodyMm, clearShare }) => done({ verdict: fitGape(gapeMm, bodyMm, clearShare) }),
});
