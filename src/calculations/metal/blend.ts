import { z } from 'zod';
import { blendLots } from '@/core/metals/blend-lots';
import { done, fail } from '@/core/problems/problem';
import { mixMetal } from '@/core/metals/mix-metal';
import { ELEMENTS } from '@/reference/elements';
import { defineCalculation } from '../calculation';
import { elementShares, notNegative, positive, share, sharesOf, text } from '../fields';

const band = z.strictObject({ min: share.optional(), max: share.optional() });
const elements = Object.keys(ELEMENTS) as (keyof typeof ELEMENTS)[];
const bands = z.strictObject(
  Object.fromEntries(elements.map((symbol) => [symbol, band.optional()])) as Record<
    keyof typeof ELEMENTS,
    z.ZodOptional<typeof band>
  >,
);

const lot = z.strictObject({
  id: text,
  composition: elementShares,
  availableG: notNegative,
  costPerKg: notNegative,
});

export const metalBlend = defineCalculation({
  name: 'metal.blend',
  summary: 'The cheapest mix of lots whose composition lies in every band, or the nearest there is.',
  sources: ['Two linear programs (HiGHS): least worst miss, then least cost at that miss'],
  input: z.strictObject({
    lots: z.array(lot),
    target: bands.describe('bands of mass shares by element; a missing bound is open'),
    amountG: positive,
  }),
  output: z.strictObject({
    feasible: z.boolean(),
    picks: z.array(z.strictObject({ id: text, g: notNegative })),
    composition: z.record(z.string(), z.number().min(0).max(1.000001)),
    cost: notNegative,
    worstMissShare: share.describe('how far the worst element lies out of its band; 0 when feasible'),
  }),
  example: {
    lots: [
      { id: 'soft', composition: { Pb: 1 }, availableG: 5000, costPerKg: 2 },
      { id: 'type', composition: { Pb: 0.78, Sb: 0.15, Sn: 0.07 }, availableG: 1000, costPerKg: 6 },
    ],
    target: { Sb: { min: 0.03, max: 0.05 } },
    amountG: 2000,
  },
  run: async ({ lots, target, amountG }) => {
    for (const [index, { composition }] of lots.entries()) {
      const mixed = mixMetal(sharesOf(composition), ELEMENTS);
      if (!mixed.ok && mixed.problem.code === 'metal.shares-off') {
        return fail('metal.shares-off', mixed.problem.facts, ['lots', index, 'composition']);
      }
    }
    const blend = await blendLots(
      lots.map((each) => ({ ...each, composition: sharesOf(each.composition) })),
      target,
      amountG,
    );
    return blend.ok ? done({ ...blend.value, picks: [...blend.value.picks] }) : blend;
  },
});
