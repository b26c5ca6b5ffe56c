import { eveningOfHands } from '../../../tests/support/known-truth';
import { repeatableRandom } from '../numeric/repeatable-random';

describe('the told evening', () => {
  it('holds the truth of evenings by hands that are now and then slow, nine times in ten', () => {
    const random = repeatableRandom(8);
    const benches = 600;
    let [inside, ratio] = [0, 0];
    for (let bench = 0; bench < benches; bench += 1) {
      const { toldS, bandS, truthS } = eveningOfHands(random);
      ratio += toldS / truthS;
      if (Math.abs(truthS - toldS) <= bandS) inside += 1;
    }
    // Medians summed told it a tenth too short.
    expect(ratio / benches).toBeGreaterThan(0.98);
    expect(ratio / benches).toBeLessThan(1.02);
    expect(inside / benches).toBeGreaterThan(0.84);
    expect(inside / benches).toBeLessThan(0.96);
  });
});
