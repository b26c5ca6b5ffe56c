import { repeatableRandom } from '../numeric/repeatable-random';
import { sum } from '../numeric/sum';
import { mixStock, type MixRecipe } from './mix-stock';
import type { ShelfAmount } from './tally-by-item';

const on = (item: string, onHand: number, reserved = 0): ShelfAmount => ({ item, onHand, reserved });

/** The best mix by trying all of them. */
function bestByTrying(recipes: readonly MixRecipe[], shelf: readonly ShelfAmount[]): number {
  const left = new Map<string, number>();
  for (const { item, onHand, reserved } of shelf) {
    left.set(item, Math.max(0, (left.get(item) ?? 0) + onHand - reserved));
  }
  const tryFrom = (index: number): number => {
    const recipe = recipes[index];
    if (!recipe) return 0;
    let best = tryFrom(index + 1);
    for (let count = 1; count <= (recipe.max ?? Infinity); count += 1) {
      const fits = recipe.uses.every(({ item, qty }) => (left.get(item) ?? 0) >= qty - 1e-9);
      if (!fits) {
        for (const { item, qty } of recipe.uses) left.set(item, (left.get(item) ?? 0) + qty * (count - 1));
        return best;
      }
      for (const { item, qty } of recipe.uses) left.set(item, (left.get(item) ?? 0) - qty);
      best = Math.max(best, recipe.value * count + tryFrom(index + 1));
    }
    for (const { item, qty } of recipe.uses) left.set(item, (left.get(item) ?? 0) + qty * (recipe.max ?? 0));
    return best;
  };
  return tryFrom(0);
}

async function mix(recipes: readonly MixRecipe[], shelf: readonly ShelfAmount[]) {
  const outcome = await mixStock(recipes, shelf);
  if (!outcome.ok) throw new Error(outcome.problem.code);
  return outcome.value;
}

describe('mixStock', () => {
  it('is the brute-force best on small shelves', async () => {
    const random = repeatableRandom(77);
    const whole = (low: number, high: number) => low + Math.floor(random() * (high - low + 1));
    for (let round = 0; round < 40; round += 1) {
      const items = Array.from({ length: whole(2, 4) }, (_, nth) => `i${nth}`);
      const shelf = items.map((item) => on(item, whole(0, 9), whole(0, 2)));
      const recipes: MixRecipe[] = Array.from({ length: whole(2, 4) }, (_, nth) => ({
        id: `r${nth}`,
        uses: items
          .filter((_, at) => at === nth % items.length || random() < 0.5)
          .map((item) => ({ item, qty: whole(1, 3) / 2 })),
        value: whole(1, 9),
        ...(random() < 0.4 ? { max: whole(0, 4) } : {}),
      }));
      const answer = await mix(recipes, shelf);
      expect(answer.optimal).toBe(true);
      expect(answer.value).toBeCloseTo(bestByTrying(recipes, shelf), 6);
      for (const item of items) {
        const taken = sum(
          answer.make.flatMap(({ id, count }) =>
            (recipes.find((recipe) => recipe.id === id)?.uses ?? [])
              .filter((use) => use.item === item)
              .map(({ qty }) => qty * count),
          ),
        );
        const there = shelf.find((each) => each.item === item)!;
        expect(taken).toBeLessThanOrEqual(Math.max(0, there.onHand - there.reserved) + 1e-9);
      }
    }
  });

  it('lets many cheap ones go before few dear ones where they are worth more together', async () => {
    const recipes: MixRecipe[] = [
      { id: 'dear', uses: [{ item: 'blade', qty: 3 }], value: 5 },
      { id: 'cheap', uses: [{ item: 'blade', qty: 1 }], value: 2 },
    ];
    expect(await mix(recipes, [on('blade', 7)])).toEqual({
      make: [
        { id: 'dear', count: 0 },
        { id: 'cheap', count: 7 },
      ],
      value: 14,
      optimal: true,
    });
  });

  it('forgives floating halves and thirds, and takes what is reserved for nobody else', async () => {
    const recipe = (qty: number): MixRecipe[] => [{ id: 'a', uses: [{ item: 't', qty }], value: 1 }];
    expect((await mix(recipe(0.1), [on('t', 0.3)])).make).toEqual([{ id: 'a', count: 3 }]);
    expect((await mix(recipe(1), [on('t', 5, 9)])).make).toEqual([{ id: 'a', count: 0 }]);
    expect((await mix(recipe(1), [])).make).toEqual([{ id: 'a', count: 0 }]);
  });

  it('says where a recipe stands twice, and where a count would be no workshop’s', async () => {
    const one: MixRecipe = { id: 'a', uses: [{ item: 't', qty: 1 }], value: 1 };
    expect(await mixStock([one, one], [on('t', 1)])).toMatchObject({
      ok: false,
      problem: { code: 'mix.same-recipe-twice', path: ['recipes', 1, 'id'] },
    });
    expect(await mixStock([one], [on('t', 1e300)])).toMatchObject({
      ok: false,
      problem: { code: 'number.not-finite' },
    });
  });
});
