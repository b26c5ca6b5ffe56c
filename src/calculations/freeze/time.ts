import { z } from 'zod';
import { freezeTime } from '@/core/heat/freeze-time';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative, positive } from '../fields';

export const freezeTimeCalculation = defineCalculation({
  name: 'freeze.time',
  summary: 'How long a casting takes to freeze, from one that was timed.',
  sources: ["Chvorinov's rule: t = t0 (M/M0)^n; n = 2 in sand and plaster, 1 to 1.5 in metal molds"],
  input: z.strictObject({
    trial: z.strictObject({ modulusMm: positive, seconds: notNegative }),
    modulusMm: positive.describe('volume over area'),
    exponent: positive.optional().describe('2 where absent'),
  }),
  output: z.strictObject({ seconds: notNegative }),
  example: { trial: { modulusMm: 2, seconds: 8 }, modulusMm: 3, exponent: 1.4 },
  run: ({ trial, modulusMm, exponent = 2 }) => done({ seconds: freezeTime(trial, modulusMm, exponent) }),
});
