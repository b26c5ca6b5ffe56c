import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { planBuying } from '@/core/stock/plan-buying';
import { defineCalculation } from '../calculation';
import { count, itemAmount, notNegative, positive, text } from '../fields';

export const buyPlan = defineCalculation({
  name: 'buy.plan',
  summary: 'The cheapest whole packs that cover what is short.',
  sources: ['an integer program solved to proof by branch and cut (HiGHS)'],
  input: z.strictObject({
    short: z.array(itemAmount).min(1),
    offers: z.array(
      z.strictObject({
        item: text,
        packId: text,
        packQty: positive.describe('how much of the item is in it'),
        price: notNegative,
        maxPacks: count.optional().describe('as many as there are; no bound where absent'),
      }),
    ),
  }),
  output: z.strictObject({
    buy: z.array(z.strictObject({ packId: z.string(), packs: count })),
    cost: notNegative,
    surplus: z.array(z.strictObject({ item: z.string(), qty: notNegative })),
    optimal: z.boolean(),
  }),
  example: {
    short: [{ item: 'hook', qty: 60 }],
    offers: [
      { item: 'hook', packId: 'hooks 50', packQty: 50, price: 6 },
      { item: 'hook', packId: 'hooks 10', packQty: 10, price: 1.5 },
    ],
  },
  run: async ({ short, offers }, options) => {
    const planned = await planBuying(
      short,
      offers.map(({ maxPacks, ...offer }) => (maxPacks === undefined ? offer : { ...offer, maxPacks })),
      options,
    );
    if (!planned.ok) return planned;
    return done({ ...planned.value, buy: [...planned.value.buy], surplus: [...planned.value.surplus] });
  },
});
