import { z } from 'zod';
import { checkCure, CURE_VERDICTS } from '@/core/coats/check-cure';
import { done } from '@/core/problems/problem';
import { defineCalculation } from '../calculation';
import { celsius, notNegative } from '../fields';

const verdict = z.enum(CURE_VERDICTS);

export const cureCheck = defineCalculation({
  name: 'cure.check',
  summary: 'Whether a cure suits a powder and the metal under it.',
  sources: [
    "the powder maker's card: temperature of the part, minutes, never over",
    'a part within 25 C of its solidus is too soft to be cured (common practice)',
  ],
  input: z.strictObject({
    partC: celsius.describe('the part, not the air'),
    minutes: notNegative.describe('at that temperature'),
    powder: z.strictObject({ cureC: celsius, cureMin: notNegative, maxC: celsius }),
    solidusC: celsius.describe('where the metal begins to melt'),
    marginC: notNegative.optional().describe('25 where absent'),
  }),
  output: z.strictObject({ verdict, reasons: z.array(verdict).min(1) }),
  example: { partC: 177, minutes: 15, powder: { cureC: 177, cureMin: 15, maxC: 205 }, solidusC: 138 },
  run: (input) => {
    const { reasons, ...check } = checkCure(input);
    return done({ ...check, reasons: [...reasons] });
  },
});
