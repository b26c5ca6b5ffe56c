import { z } from 'zod';
import { parseQuantity } from '@/core/units/parse-quantity';
import { defineCalculation } from '../calculation';

export const unitsParse = defineCalculation({
  name: 'units.parse',
  summary:
    'Reads a mass, length, temperature, volume, duration, strain, speed or pressure as people write it.',
  sources: [
    'International yard and pound agreement, 1959: 1 oz = 28.349523125 g, 1 in = 25.4 mm, exact',
    'US gallon of 231 cubic inches: 1 tsp = 4.92892159375 cm3, exact',
  ],
  input: z.strictObject({
    text: z.string().max(200),
    quantity: z.enum([
      'mass',
      'length',
      'temperature',
      'volume',
      'duration',
      'strength',
      'speed',
      'pressure',
    ]),
    assume: z.string().max(20).optional().describe('the unit of a bare number'),
  }),
  output: z.strictObject({
    value: z.number().describe('in the base unit'),
    unit: z.enum(['g', 'mm', 'C', 'cm3', 's', 'kgf', 'm/s', 'bar']),
  }),
  example: { text: '3/8 oz', quantity: 'mass' },
  run: ({ text, quantity, assume }) => parseQuantity(text, quantity, assume),
});
