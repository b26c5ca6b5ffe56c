/**
 * A source of numbers in [0, 1) that repeats from its starting number (mulberry32, 32-bit state, public domain).
 * For demos, tests and benchmarks; not for secrets.
 *
 * @example const next = repeatableRandom(7); next() === repeatableRandom(7)() // true
 */
export function repeatableRandom(start: number): () => number {
  let state = start >>> 0;
  return () => {
    state = (state + 0x6d2b79f5) >>> 0;
    let t = state;
    t = Math.imul(t ^ (t >>> 15), t | 1);
    t ^= t + Math.imul(t ^ (t >>> 7), t | 61);
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296;
  };
}
