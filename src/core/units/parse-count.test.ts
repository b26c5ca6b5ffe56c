import fc from 'fast-check';
import { parseCount } from './parse-count';

describe('parseCount', () => {
  it.each([
    ['12', 12],
    [' 0 ', 0],
    ['5 beads', 5],
    ['20 jig hooks', 20],
    ['3 doz.', 36],
    ['2 1/2 dozen', 30],
    ['1/2 dozen beads', 6],
    ['1 gross', 144],
    ['4 pairs', 8],
    ['$3', 3],
  ])('reads %j as %d', (text, count) => expect(parseCount(text)).toBe(count));

  it.each([
    '',
    'beads',
    '2.5',
    '1/2',
    '5 in',
    '5"',
    '3 oz',
    '72 F',
    '-3',
    '1 2',
    '4 fl oz',
    '2 fl. oz.',
    '1/5 dozen',
    '15, 17',
  ])('counts nothing in %j', (text) => expect(parseCount(text)).toBeNull());

  it('reads every count back', () => {
    fc.assert(fc.property(fc.nat(), (count) => parseCount(`${count}`) === count));
  });
});
