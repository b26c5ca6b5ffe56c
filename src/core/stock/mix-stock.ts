import { forgivingFloor } from '../numeric/forgiving-floor';
import { solveIntegerProgram, type ProgramOptions, type ProgramRow } from '../numeric/integer-program';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';
import { freeByItem } from './free-by-item';
import { tallyByItem, type ItemAmount, type ShelfAmount } from './tally-by-item';

/** Something that can be made, what one of it takes, what one is worth, and how many are wanted at most. */
export interface MixRecipe {
  readonly id: string;
  readonly uses: readonly ItemAmount[];
  readonly value: number;
  readonly max?: number;
}

export interface StockMix {
  readonly make: readonly { readonly id: string; readonly count: number }[];
  readonly value: number;
  /** Proven: nothing from this shelf is worth more. */
  readonly optimal: boolean;
}

/** More of one thing than this is no workshop's. */
const MOST = 1e9;

/** How far a solver's answer may reach over a row before it is solved again on a tighter one. */
const TIGHTER = 4e-6;

/**
 * The whole numbers of each recipe that together are worth most from what is free on the shelf: an integer program
 * solved to proof. Amounts used are over 0; values are not below 0.
 *
 * Problems: `mix.same-recipe-twice`; `number.not-finite` where a count would pass a milliard; `plan.unfinished` where the time limit passed with nothing in hand.
 *
 * @example
 * (await mixStock([{ id: 'a', uses: [{ item: 'hook', qty: 1 }], value: 2 }],
 *   [{ item: 'hook', onHand: 3, reserved: 0 }])).value // { make: [{ id: 'a', count: 3 }], value: 6, optimal: true }
 */
export async function mixStock(
  recipes: readonly MixRecipe[],
  shelf: readonly ShelfAmount[],
  options: ProgramOptions = {},
): Promise<Outcome<StockMix>> {
  const ids = recipes.map(({ id }) => id);
  const twice = ids.findIndex((id, index) => ids.indexOf(id) !== index);
  if (twice >= 0) return fail('mix.same-recipe-twice', { id: ids[twice] ?? '' }, ['recipes', twice, 'id']);

  const free = freeByItem(shelf);
  const uses = recipes.map((recipe) => tallyByItem(recipe.uses));
  const most = recipes.map(({ max }, index) =>
    Math.min(
      max ?? Infinity,
      ...[...(uses[index] ?? [])].map(([item, qty]) => forgivingFloor((free.get(item) ?? 0) / qty)),
    ),
  );
  if (most.some((count) => count > MOST)) return fail('number.not-finite', { name: 'stock.mix' });
  const dearest = Math.max(1e-300, ...recipes.map(({ value }) => value));
  const variables = recipes.map(({ value }, index) => ({
    cost: -value / dearest,
    lower: 0,
    upper: most[index] ?? 0,
    whole: true,
  }));
  const items = [...new Set(uses.flatMap((use) => [...use.keys()]))];
  const contested = items.filter((item) => {
    const worst = sum(uses.map((use, index) => (use.get(item) ?? 0) * (most[index] ?? 0)));
    return worst > (free.get(item) ?? 0);
  });
  const rowsAt = (slack: number): ProgramRow[] =>
    contested.map((item) => {
      const there = free.get(item) ?? 0;
      // In shares of what there is, so that grams and pieces weigh alike to the solver.
      const terms = uses.flatMap((use, index) => {
        const qty = use.get(item);
        return qty === undefined || there === 0 ? [] : [[index, qty / there] as const];
      });
      return { terms, lower: -Infinity, upper: 1 + slack };
    });
  const isWithin = (counts: readonly number[]) =>
    contested.every((item) => {
      const taken = sum(uses.map((use, index) => (use.get(item) ?? 0) * (counts[index] ?? 0)));
      return taken <= (free.get(item) ?? 0) * (1 + 1e-9);
    });

  let answer = await solveIntegerProgram(variables, rowsAt(0), options);
  let isExact = true;
  if (answer.status !== 'none' && !isWithin(answer.values)) {
    isExact = false;
    answer = await solveIntegerProgram(variables, rowsAt(-TIGHTER), options);
  }
  if (answer.status === 'none' || answer.status === 'impossible' || !isWithin(answer.values)) {
    return fail('plan.unfinished', { seconds: options.timeLimitS ?? 0 });
  }
  const counts = recipes.map((_, index) => answer.values[index] ?? 0);
  return done({
    make: recipes.map(({ id }, index) => ({ id, count: counts[index] ?? 0 })),
    value: sum(recipes.map(({ value }, index) => value * (counts[index] ?? 0))),
    optimal: isExact && answer.status === 'optimal',
  });
}
