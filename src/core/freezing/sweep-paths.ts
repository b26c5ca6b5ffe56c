interface Paths {
  readonly counts: readonly [across: number, deep: number, high: number];
  readonly stepMm: number;
  /** What a millimeter costs at each cell; Infinity where nothing passes. */
  readonly slowness: Float64Array;
  /** Where ways begin, and what was spent before. */
  readonly from: readonly (readonly [cell: number, spent: number])[];
}

const MOST_ROUNDS = 40;
const SETTLED = 1e-9;

/**
 * What the cheapest way to each cell costs, straight ways and slanting ones alike; Infinity where there is none.
 *
 * Source: |grad T| = s by sweeping in eight directions (Zhao, A fast sweeping method for eikonal equations, 2005).
 *
 * @example sweepPaths({ counts: [5, 1, 1], stepMm: 2, slowness: new Float64Array(5).fill(1), from: [[0, 0]] })[4] // 8
 */
export function sweepPaths({ counts, stepMm, slowness, from }: Paths): Float64Array {
  const [across, deep, high] = counts;
  const spent = new Float64Array(slowness.length).fill(Infinity);
  const isFixed = new Uint8Array(slowness.length);
  for (const [cell, before] of from) {
    spent[cell] = before;
    isFixed[cell] = 1;
  }
  const layer = across * deep;
  const least = (cell: number, stride: number, place: number, count: number) =>
    Math.min(
      place > 0 ? (spent[cell - stride] ?? Infinity) : Infinity,
      place < count - 1 ? (spent[cell + stride] ?? Infinity) : Infinity,
    );
  for (let round = 0; round < MOST_ROUNDS; round += 1) {
    let most = 0;
    for (let way = 0; way < 8; way += 1) {
      for (let k = 0; k < high; k += 1) {
        const z = way & 4 ? high - 1 - k : k;
        for (let j = 0; j < deep; j += 1) {
          const y = way & 2 ? deep - 1 - j : j;
          for (let i = 0; i < across; i += 1) {
            const x = way & 1 ? across - 1 - i : i;
            const cell = z * layer + y * across + x;
            const cost = (slowness[cell] ?? Infinity) * stepMm;
            if (isFixed[cell] === 1 || cost === Infinity) continue;
            const next = arrival(
              least(cell, 1, x, across),
              least(cell, across, y, deep),
              least(cell, layer, z, high),
              cost,
            );
            const had = spent[cell] ?? Infinity;
            if (next < had) {
              spent[cell] = next;
              most = Math.max(most, had === Infinity ? 1 : (had - next) / (next || 1));
            }
          }
        }
      }
    }
    if (most < SETTLED) break;
  }
  return spent;
}

/** The smallest t with (t-a)+^2 + (t-b)+^2 + (t-c)+^2 = cost^2. */
function arrival(x: number, y: number, z: number, cost: number): number {
  const [a = Infinity, b = Infinity, c = Infinity] = [x, y, z].sort((one, other) => one - other);
  if (a === Infinity) return Infinity;
  const one = a + cost;
  if (one <= b) return one;
  const two = (a + b + Math.sqrt(2 * cost * cost - (a - b) ** 2)) / 2;
  if (two <= c) return two;
  const sum3 = a + b + c;
  return (sum3 + Math.sqrt(sum3 * sum3 - 3 * (a * a + b * b + c * c - cost * cost))) / 3;
}
