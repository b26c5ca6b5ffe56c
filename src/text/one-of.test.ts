import { bulkOf, oneOf } from './one-of';

const METRIC = { mass: 'g', length: 'mm' } as const;
const INCHES = { mass: 'oz-fraction', length: 'in' } as const;

it.each([
  ['pieces', METRIC, 'piece', 1],
  ['pieces', INCHES, 'piece', 1],
  ['g', METRIC, 'gram', 1],
  ['g', INCHES, 'ounce', 28.349523125],
  ['mm', METRIC, 'meter', 1000],
  ['mm', INCHES, 'foot', 304.8],
] as const)('prices what is kept in %s', (unit, units, word, holds) =>
  expect(oneOf(unit, units)).toEqual({ word, holds }),
);

it('prices metal by the kilogram or the pound', () => {
  expect(bulkOf('g')).toEqual({ word: 'kg', holds: 1 });
  expect(bulkOf('oz')).toEqual({ word: 'lb', holds: 0.45359237 });
});
