/** Hook makers number from #40, hardly to be seen, to 20/0, for sharks. */
const SMALLEST_NUMBER = 40;
const LARGEST_AUGHT = 20;

/** A hook size's place in the order of sizes, and its one way of being written. */
export interface HookRank {
  readonly rank: number;
  readonly name: string;
}

/**
 * Where a hook size stands: `#n` hooks grow as n falls, then `n/0` hooks grow with n. The larger the rank the
 * larger the hook. Null where the text is no size (`#3/0`, `3/4`, `0`).
 *
 * @example hookRank('6') // { rank: -6, name: '#6' }
 * @example hookRank('3/0 ') // { rank: 3, name: '3/0' }
 */
export function hookRank(text: string): HookRank | null {
  const match = /^\s*(?:#?([1-9]\d?)|([1-9]\d?)\/0)\s*$/.exec(text);
  if (!match) return null;
  if (match[1] !== undefined) {
    const number = Number(match[1]);
    return number <= SMALLEST_NUMBER ? { rank: -number, name: `#${number}` } : null;
  }
  const aught = Number(match[2]);
  return aught <= LARGEST_AUGHT ? { rank: aught, name: `${aught}/0` } : null;
}
