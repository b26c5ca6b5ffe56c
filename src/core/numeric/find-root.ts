/** Halvings past which a double holds no more. */
const MOST_HALVINGS = 2100;

/**
 * Where a function that never falls crosses zero between `low` and `high`, to the last digit of a double, by
 * halving. Null where it has the same sign at both ends.
 *
 * @example findRoot((x) => x * x - 2, 0, 2) // 1.4142135623730951
 */
export function findRoot(rising: (x: number) => number, low: number, high: number): number | null {
  if (rising(low) > 0 || rising(high) < 0) return null;
  let [a, b] = [low, high];
  for (let halving = 0; halving < MOST_HALVINGS; halving += 1) {
    const middle = a + (b - a) / 2;
    if (middle === a || middle === b) break;
    if (rising(middle) < 0) a = middle;
    else b = middle;
  }
  return Math.abs(rising(a)) < Math.abs(rising(b)) ? a : b;
}
