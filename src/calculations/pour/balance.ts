import { z } from 'zod';
import { balancePot } from '@/core/pours/balance-pot';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { notNegative } from '../fields';

export const pourBalance = defineCalculation({
  name: 'pour.balance',
  summary: 'What a run cannot account for: what went into the pot less what came out.',
  sources: [
    'in = potStart + added + remelted; out = good + rejected + sprue + dross + potEnd; share of in - potEnd',
  ],
  input: z.strictObject({
    potStartG: notNegative,
    addedG: notNegative,
    goodG: notNegative,
    rejectedG: notNegative,
    sprueG: notNegative,
    drossG: notNegative,
    remeltedG: notNegative.describe('rejects and sprues thrown back in while it ran'),
    potEndG: notNegative,
  }),
  output: z.strictObject({ unaccountedG: z.number(), unaccountedShare: z.number().nullable() }),
  example: {
    potStartG: 2900,
    addedG: 0,
    goodG: 673,
    rejectedG: 40,
    sprueG: 148,
    drossG: 29,
    remeltedG: 0,
    potEndG: 2006,
  },
  run: (input) => done(balancePot(input)),
});
