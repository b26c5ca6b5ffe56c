import { z } from 'zod';
import { done } from '@/core/problems/problem';
import { budgetMetal } from '@/core/pours/budget-metal';
import { defineCalculation } from '../calculation';
import { count, notNegative, positive, shareUnderOne } from '../fields';

export const pourBudget = defineCalculation({
  name: 'pour.budget',
  summary: 'The metal a run takes: castings, sprues, dross, heel, and how many fills of the pot.',
  sources: ['castPieces = ceil(count / (1 - scrap)); dross = (cast + sprue) d / (1 - d); see the contract'],
  input: z.strictObject({
    lines: z.array(z.strictObject({ pieceMetalG: notNegative, count, scrapShare: shareUnderOne })).min(1),
    pours: count,
    spruePerPourG: notNegative,
    drossShare: shareUnderOne,
    heelG: notNegative,
    potCapacityG: positive,
    sprueReturned: z.boolean().optional().describe('true where absent'),
    scrapReturned: z.boolean().optional().describe('true where absent'),
  }),
  output: z.strictObject({
    castPieces: z.array(count),
    castG: notNegative,
    sprueG: notNegative,
    chargeG: notNegative,
    consumedG: notNegative,
    drossG: notNegative,
    potFills: count,
  }),
  example: {
    lines: [{ pieceMetalG: 9, count: 60, scrapShare: 0.1 }],
    pours: 60,
    spruePerPourG: 2,
    drossShare: 0.02,
    heelG: 0,
    potCapacityG: 4000,
  },
  run: (input) => {
    const budget = budgetMetal(input);
    return budget.ok ? done({ ...budget.value, castPieces: [...budget.value.castPieces] }) : budget;
  },
});
