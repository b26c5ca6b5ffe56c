import fc from 'fast-check';
import { hookRank } from './hook-rank';
import { orderHooks } from './order-hooks';

const IN_ORDER = ['#10', '#8', '#7', '#6', '#4', '#2', '#1', '1/0', '2/0', '3/0', '12/0'];

describe('orderHooks', () => {
  it('puts the smallest hook first, whatever the order it gets', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(IN_ORDER), (sizes) => {
        expect(orderHooks(sizes)).toEqual({
          ok: true,
          value: IN_ORDER.filter((size) => sizes.includes(size)),
        });
      }),
    );
  });

  it('gives sizes back written one way, and keeps duplicates', () => {
    expect(orderHooks(['3/0 ', '6', '#6', '1/0'])).toEqual({ ok: true, value: ['#6', '#6', '1/0', '3/0'] });
  });

  it('has nothing to do with an empty list', () => {
    expect(orderHooks([])).toEqual({ ok: true, value: [] });
  });

  it.each(['#3/0', '3/4', '0', '0/0', '#0', '', 'large', '-6', '06', '2.5', '#41', '21/0'])(
    'refuses %s',
    (text) => {
      const ordered = orderHooks(['6', text]);
      expect(ordered).toMatchObject({ ok: false, problem: { code: 'hook.not-a-size', path: ['sizes', 1] } });
    },
  );
});

describe('hookRank', () => {
  it('takes 3/0 for a size, never a fraction', () => {
    expect(hookRank('3/0')).toEqual({ rank: 3, name: '3/0' });
  });
});
