import { handoverGap } from './handover-gap';

describe('the gap of a plan', () => {
  it('is how much later all are handed over, of when that is at the soonest', () => {
    // Handed over at 1100 and 3000, or at 1060 and 3000 at the soonest.
    expect(handoverGap([1000, 3000], { totalLateMin: 100, boundLateMin: 60 })).toBeCloseTo(40 / 4060, 12);
  });

  it('is nothing where no plan is less late', () => {
    expect(handoverGap([0, 0], { totalLateMin: 0, boundLateMin: 0 })).toBe(0);
    expect(handoverGap([10], { totalLateMin: 90, boundLateMin: 90 })).toBe(0);
  });

  it('is never over the whole, whatever was due long ago', () => {
    expect(handoverGap([-5000], { totalLateMin: 5060, boundLateMin: 5050 })).toBe(0.2);
    expect(handoverGap([-5000], { totalLateMin: 6000, boundLateMin: 5000 })).toBe(1);
  });
});
