import { drawNormal } from '@/core/numeric/draw-normal';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { paceSpread } from '@/core/pace/pace-spread';
import { planShop } from '@/core/schedule/plan-shop';
import { promiseShop } from '@/core/schedule/promise-shop';
import type { Shop, ShopTask } from '@/core/schedule/shop';

export const EVENINGS = Array.from({ length: 30 }, (_, day) => ({
  fromMin: 1440 * day + 1170,
  toMin: 1440 * day + 1290,
}));

/** A maker whose true pace nobody knows: a few runs of each stage tell it, and evenings go faster or slower. */
function trueWeek(seed: number) {
  const random = repeatableRandom(seed);
  const kinds = Array.from({ length: 4 }, () => {
    const trueMin = 2 + 4 * random();
    const spread = 0.1 + 0.25 * random();
    const drawn = (pieces: number) =>
      pieces * trueMin * Math.exp(spread * drawNormal(random) - spread ** 2 / 2);
    const runs = Array.from({ length: 1 + Math.floor(6 * random()) }, () => ({
      begun: 10,
      seconds: drawn(10) * 60,
    }));
    const minutesEach = runs.reduce((so, { seconds }) => so + seconds, 0) / (600 * runs.length);
    return { minutesEach, spread: paceSpread(runs), drawn };
  });
  const tasks: ShopTask[] = [];
  const [spreads, truth] = [new Map<string, number>(), new Map<string, number>()];
  for (let order = 0; order < 4; order += 1) {
    for (let step = 0; step < 4; step += 1) {
      const kind = kinds[step]!;
      const pieces = 3 + Math.floor(9 * random());
      // What fails is made again: as many are begun as it takes, and so many are reckoned with.
      const scrap = 0.08;
      let begun = 0;
      for (let good = 0; good < pieces; begun += 1) if (random() >= scrap) good += 1;
      const id = `${order}-${step}`;
      const expected = (pieces / (1 - scrap)) * kind.minutesEach;
      tasks.push({
        id,
        minutes: Math.min(120, expected),
        hands: true,
        order: `o${order}`,
        after: step > 0 ? [{ id: `${order}-${step - 1}`, waitMin: step === 3 ? 480 : 0 }] : [],
      });
      const ofScrap = scrap / pieces;
      spreads.set(id, Math.sqrt(kind.spread ** 2 + ofScrap));
      truth.set(id, Math.min(120, kind.drawn(begun)));
    }
  }
  const orders = Array.from({ length: 4 }, (_, order) => ({ id: `o${order}`, dueMin: 1440 * (2 + order) }));
  const shop: Shop = { tasks, places: [], windows: EVENINGS, orders };
  return { shop, spreads, truth };
}

/** How many of the orders of a known week were finished within their band, and how many there were. */
export function promisesHeld(seed: number, draws: number): { readonly held: number; readonly told: number } {
  const { shop, spreads, truth } = trueWeek(seed);
  const plan = planShop(shop, { tries: 30, steps: 200 });
  if (!plan.ok) throw new Error(plan.problem.code);
  const random = repeatableRandom(1000 + seed);
  const promises = promiseShop(shop, plan.value, (task) => spreads.get(task) ?? 0, random, draws);
  // The same plan as it truly went.
  const lived = promiseShop(
    { ...shop, tasks: shop.tasks.map((task) => ({ ...task, minutes: truth.get(task.id) ?? task.minutes })) },
    plan.value,
    () => 0,
    random,
    1,
  );
  const ends = new Map(lived.map(({ id, middleMin }) => [id, middleMin]));
  const held = promises.filter(({ id, soonestMin, latestMin }) => {
    const end = ends.get(id) ?? Infinity;
    return end >= soonestMin - 1e-6 && end <= latestMin + 1e-6;
  }).length;
  return { held, told: promises.length };
}
