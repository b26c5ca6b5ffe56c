/** How many heads of each size hang on one rod, by place in the list of sizes. */
export type RodPattern = readonly number[];

/**
 * Every fullest way to hang heads of some sizes (in slots, each over 0) on a rod of so many slots: no further head of
 * any size fits. None where no size fits at all.
 *
 * @example rodPatterns([1, 2], 3) // [[3, 0], [1, 1]]
 */
export function rodPatterns(sizes: readonly number[], slots: number): RodPattern[] {
  const smallest = Math.min(...sizes);
  const grow = (at: number, left: number): RodPattern[] => {
    const size = sizes[at];
    if (size === undefined) return left < smallest ? [[]] : [];
    return Array.from({ length: Math.floor(left / size) + 1 }, (_, count) => count).flatMap((count) =>
      grow(at + 1, left - count * size).map((rest) => [count, ...rest]),
    );
  };
  return grow(0, slots)
    .filter((pattern) => pattern.some((count) => count > 0))
    .reverse()
    .sort((a, b) => (b[0] ?? 0) - (a[0] ?? 0));
}
