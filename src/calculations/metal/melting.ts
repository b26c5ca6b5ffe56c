import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { ELEMENTS } from '@/reference/elements';
import { mixMetal } from '@/core/metals/mix-metal';
import { rangeOf } from '@/reference/range-of';
import { defineCalculation } from '../calculation';
import { elementShares, sharesOf } from '../fields';

export const metalMelting = defineCalculation({
  name: 'metal.melting',
  summary: 'How hot a metal may get and stay wholly solid, on the safe side, and when it is all melted.',
  sources: [
    'the lowest eutectic or invariant point of the elements that are there with 0.5 % or more; handbooks of phase diagrams',
    'in a base of lead: a straight line from 327.5 C to the eutectic at what solid lead holds (Sn 19 %, Sb 3.5 %, Bi 23 %)',
  ],
  input: z.strictObject({ composition: elementShares }),
  output: z.strictObject({
    solidusC: z
      .number()
      .nullable()
      .describe('null where no group of its elements is known: no oven cures it'),
    liquidusC: z.number().nullable().describe('null where no diagram or listed alloy tells it'),
    firstLiquid: z.array(z.string()).nullable().describe('whose mixture melts first; null for one element'),
  }),
  example: { composition: { Sn: 0.973, Pb: 0.027 } },
  run: ({ composition }) => {
    const shares = sharesOf(composition);
    const mixed = mixMetal(shares, ELEMENTS);
    if (!mixed.ok) return mixed;
    const range = rangeOf(shares);
    if (!range) throw new RangeError('metal.melting requires a composition');
    return done({ ...range, firstLiquid: range.firstLiquid ? [...range.firstLiquid] : null });
  },
});
