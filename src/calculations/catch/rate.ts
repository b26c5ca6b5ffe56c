import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { catchRate } from '@/core/water/catch-rate';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive } from '../fields';

export const catchRateCalculation = defineCalculation({
  name: 'catch.rate',
  summary: 'Fish an hour, with the interval that nine in ten truths lie in.',
  sources: ['Poisson catches, gamma prior: mean and central 90 % interval of the posterior'],
  input: z.strictObject({
    catches: count,
    hours: notNegative,
    priorCatches: positive.optional().describe('0.5 where absent'),
    priorHours: positive.optional().describe('1 where absent'),
  }),
  output: z.strictObject({ perHour: notNegative, low: notNegative, high: notNegative }),
  example: { catches: 4, hours: 5 },
  run: ({ catches, hours, priorCatches, priorHours }) =>
    done(catchRate(catches, hours, priorCatches, priorHours)),
});
