import { repeatableRandom } from '@/core/numeric/repeatable-random';
import type { Shop, ShopTask } from '@/core/schedule/shop';

const [TICKETS, DAYS, DAY_MIN] = [25, 120, 1440];

/** What a ticket asks: minutes, hands, where, after what and how long after. */
const WAY: readonly (readonly [
  id: string,
  minutes: number,
  hands: boolean,
  place: string | null,
  after: readonly (readonly [string, number])[],
])[] = [
  ['pour', 40, true, 'pot', []],
  ['dress', 25, true, null, [['pour', 20]]],
  ['coat', 25, true, null, [['dress', 0]]],
  ['cure', 30, false, 'oven', [['coat', 0]]],
  ['hang', 6, true, null, [['cure', 20]]],
  ['tie', 45, true, 'vise', []],
  ['cement', 480, false, null, [['tie', 0]]],
  [
    'build',
    40,
    true,
    null,
    [
      ['hang', 0],
      ['cement', 0],
    ],
  ],
  ['rig', 20, true, null, [['build', 0]]],
  ['check', 8, true, null, [['rig', 0]]],
  ['label', 6, true, null, [['check', 0]]],
  ['bag', 10, true, null, [['label', 0]]],
];

/** Evenings of two and a half hours, weekends of five. */
const WINDOWS = Array.from({ length: DAYS }, (_, day) => {
  const [from, to] = day % 7 > 4 ? [600, 900] : [1140, 1290];
  return { fromMin: DAY_MIN * day + from, toMin: DAY_MIN * day + to };
});

/**
 * Three hundred tasks of twenty-five tickets, due at some time within so many evenings that their work fills this share of
 * them: under 1 there is room, over 1 some have to be late.
 */
export function bigShop(start: number, load: number): Shop {
  const random = repeatableRandom(start);
  const tasks = Array.from({ length: TICKETS }, (_, ticket) => ticket).flatMap((ticket) =>
    WAY.map(([id, minutes, hands, place, after]): ShopTask => ({
      id: `${ticket}-${id}`,
      minutes: Math.max(2, Math.round(minutes * (0.5 + random()))),
      hands,
      ...(place ? { place } : {}),
      after: after.map(([before, waitMin]) => ({ id: `${ticket}-${before}`, waitMin })),
      order: `${ticket}`,
    })),
  );
  const workMin = tasks.reduce((so, { hands, minutes }) => so + (hands ? minutes : 0), 0);
  let [handMin, last] = [0, 0];
  for (const { fromMin, toMin } of WINDOWS) {
    if (handMin >= workMin / load) break;
    handMin += toMin - fromMin;
    last = toMin;
  }
  return {
    tasks,
    places: ['pot', 'oven', 'vise'].map((id) => ({ id, count: 1 })),
    windows: WINDOWS,
    // Nobody asks for what cannot be done at all: the first days are left to what is due then.
    orders: Array.from({ length: TICKETS }, (_, ticket) => ({
      id: `${ticket}`,
      dueMin: Math.round((0.1 + 0.95 * random()) * last),
    })),
  };
}
