import { done, fail, type Outcome } from '../problems/problem';
import { hookRank, type HookRank } from './hook-rank';

/**
 * Hook sizes, smallest hook first, each written one way (`#6`, `3/0`). Duplicates stay.
 *
 * Problem: `hook.not-a-size`, naming the first text that is none.
 *
 * @example orderHooks(['3/0', '6', '1/0', '#10']) // ['#10', '#6', '1/0', '3/0']
 */
export function orderHooks(sizes: readonly string[]): Outcome<string[]> {
  const ranked: HookRank[] = [];
  for (const [index, text] of sizes.entries()) {
    const size = hookRank(text);
    if (!size) return fail('hook.not-a-size', { text }, ['sizes', index]);
    ranked.push(size);
  }
  return done(ranked.sort((a, b) => a.rank - b.rank).map((size) => size.name));
}
