import type { MoldFills } from './pour-plan';

/** One cavity of one pour: what it was filled for and whether it came good. */
export interface Casting {
  readonly cavity: number;
  readonly key: string;
  readonly good: boolean;
}

/**
 * Which cavities the next pour fills and for what: each group of cavities takes up what is left of its share of
 * the plan, the key with the most left first. Misfilled castings do not count, so they are poured again. A mold
 * that fills all fills its other cavities too, for the group's first key. Of copies poured as one, each cavity is
 * filled so many times. Empty when the share is cast.
 *
 * @example
 * nextPour([{ cavities: [0], filled: [{ key: 'a', count: 2 }] }], [{ cavity: 0, key: 'a', good: false }])
 * // [{ cavity: 0, key: 'a' }], the misfill did not count
 */
export function nextPour(
  fills: readonly MoldFills[],
  castings: readonly Casting[],
  fillAll = false,
  copies = 1,
): { cavity: number; key: string }[] {
  const spares: { cavity: number; key: string }[] = [];
  const needed = fills.flatMap(({ cavities, filled }) => {
    const left = new Map(filled.map(({ key, count }) => [key, count]));
    for (const casting of castings) {
      if (casting.good && cavities.includes(casting.cavity)) {
        left.set(casting.key, (left.get(casting.key) ?? 0) - 1);
      }
    }
    const places = Array.from({ length: copies }).flatMap(() => cavities);
    return places.flatMap((cavity) => {
      const [key, most] = [...left].reduce((a, b) => (b[1] > a[1] ? b : a), ['', 0] as [string, number]);
      if (most <= 0) {
        spares.push({ cavity, key: filled[0]?.key ?? '' });
        return [];
      }
      left.set(key, most - 1);
      return [{ cavity, key }];
    });
  });
  if (needed.length === 0) return [];
  return (fillAll ? [...needed, ...spares] : needed).sort((a, b) => a.cavity - b.cavity);
}
