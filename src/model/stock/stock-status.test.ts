import { stockStatus } from './stock-status';

const hooks = { id: 'hooks', lowAt: 20 };
const bench = (onHand: number, promised: number) => ({
  levels: new Map([['hooks', onHand]]),
  promised: new Map([['hooks', promised]]),
});

describe('stockStatus', () => {
  it('calls a bin low by what is left once promises are kept', () => {
    expect(stockStatus(hooks, bench(50, 0)).isLow).toBe(false);
    expect(stockStatus(hooks, bench(50, 30))).toEqual({
      onHand: 50,
      promised: 30,
      left: 20,
      isLow: true,
      isShort: false,
    });
    expect(stockStatus(hooks, bench(50, 29)).isLow).toBe(false);
    expect(stockStatus(hooks, bench(10, 30))).toMatchObject({ left: -20, isLow: true, isShort: true });
  });

  it('counts what is on its way where it is asked', () => {
    expect(stockStatus(hooks, bench(10, 0), 30).isLow).toBe(false);
  });

  it('never calls low what nobody said is low', () => {
    expect(stockStatus({ id: 'hooks', lowAt: null }, bench(0, 5))).toMatchObject({
      isLow: false,
      isShort: true,
    });
    expect(stockStatus(hooks, { levels: new Map(), promised: new Map() })).toMatchObject({
      left: 0,
      isLow: true,
    });
  });
});
