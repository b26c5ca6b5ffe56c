import type { Casting } from './next-pour';
import type { MoldFills } from './pour-plan';

/**
 * A block's share of a new plan on top of what it has cast: each group is to give what the plan asks and what its
 * cavities have given already, so that nothing done is asked again and nothing is lost.
 *
 * @example
 * replanFills([{ cavities: [0], filled: [{ key: 'a', count: 2 }] }], [{ cavity: 0, key: 'a', good: true }])
 * // [{ cavities: [0], filled: [{ key: 'a', count: 3 }] }]
 */
export function replanFills(planned: readonly MoldFills[], castings: readonly Casting[]): MoldFills[] {
  return planned.map(({ cavities, filled }) => {
    const cast = castings.filter(({ cavity, good }) => good && cavities.includes(cavity));
    return {
      cavities,
      filled: filled.map(({ key, count }) => ({
        key,
        count: count + cast.filter((casting) => casting.key === key).length,
      })),
    };
  });
}
