import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { planShop } from '@/core/schedule/plan-shop';
import { defineCalculation } from '../calculation';
import { notNegative, positive, text } from '../fields';

export const shopSchedule = defineCalculation({
  name: 'shop.schedule',
  summary: 'When what is done in a small shop with one pair of hands: least late, then finished soonest.',
  sources: [
    'active schedules by serial generation (Kelley 1963), branch and bound over beginnings; beyond a few tasks the best of several rules, improved and not proven',
  ],
  input: z.strictObject({
    tasks: z.array(
      z.strictObject({
        id: text,
        minutes: positive,
        hands: z.boolean().describe('it takes the maker’s hands all along'),
        place: text.optional().describe('where it is done; nowhere in particular where absent'),
        after: z
          .array(z.strictObject({ id: text, waitMin: notNegative.optional().describe('0 where absent') }))
          .optional()
          .describe('what has to be over before, and how long to wait after that'),
        order: text.optional().describe('whose it is; nobody’s where absent'),
      }),
    ),
    places: z.array(z.strictObject({ id: text, count: z.int().min(1).describe('tasks at once') })),
    windows: z
      .array(z.strictObject({ fromMin: z.number(), toMin: z.number() }))
      .describe('when hands are there; they do not overlap'),
    orders: z.array(z.strictObject({ id: text, dueMin: z.number() })),
  }),
  output: z.strictObject({
    starts: z.array(z.strictObject({ id: z.string(), startMin: notNegative })),
    orders: z.array(z.strictObject({ id: z.string(), finishMin: notNegative, lateMin: notNegative })),
    totalLateMin: notNegative,
    optimal: z.boolean().describe('proven: nothing is less late, nor as late and finished sooner'),
  }),
  example: {
    tasks: [
      { id: 'glue', minutes: 30, hands: true, order: 'jigs' },
      { id: 'tie', minutes: 20, hands: true, order: 'jigs', after: [{ id: 'glue', waitMin: 600 }] },
      { id: 'hang', minutes: 40, hands: true, order: 'spoons' },
      { id: 'cure', minutes: 30, hands: false, place: 'oven', order: 'spoons', after: [{ id: 'hang' }] },
    ],
    places: [{ id: 'oven', count: 1 }],
    windows: [
      { fromMin: 0, toMin: 120 },
      { fromMin: 1440, toMin: 1560 },
    ],
    orders: [
      { id: 'jigs', dueMin: 1500 },
      { id: 'spoons', dueMin: 120 },
    ],
  },
  run: (shop) => {
    const plan = planShop(shop);
    if (!plan.ok) return plan;
    const { starts, orders, totalLateMin, optimal } = plan.value;
    return done({ starts: [...starts], orders: [...orders], totalLateMin, optimal });
  },
});
