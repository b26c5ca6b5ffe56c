import { calibrateCavity } from '@/core/cavities/calibrate-cavity';
import { cavityBand } from '@/core/cavities/cavity-band';
import { repeatableRandom } from '@/core/numeric/repeatable-random';
import { layOutEvening } from '@/core/pours/lay-out-evening';
import { learnBeat } from '@/core/pours/learn-beat';
import { forecastUse } from '@/core/stock/forecast-use';
import { compareCatches } from '@/core/water/compare-catches';

/** How often what was told held the truth that the bench was made with, and of how many benches. */
export interface Held {
  readonly share: number;
  readonly of: number;
}

type Random = () => number;

/** A draw from the normal distribution. */
export const normalFrom = (random: Random): number =>
  Math.sqrt(-2 * Math.log(1 - random())) * Math.cos(2 * Math.PI * random());

/** Tries so many benches; a try that has nothing to tell counts for none. */
function tried(benches: number, start: number, once: (random: Random) => boolean | null): Held {
  const told = Array.from({ length: benches }, (_, nth) => once(repeatableRandom(start + 7919 * nth)));
  const known = told.filter((each) => each !== null);
  return { share: known.filter(Boolean).length / known.length, of: known.length };
}

/** Cavities of a known room in a metal of a known density, weighed singly or by the handful: the next single casting. */
export const truthOfWeights = (benches: number, start: number): Held =>
  tried(benches, start, (random) => {
    const metal = { densityGcm3: 7 + 4.4 * random(), shrinkLinear: 0.009 * random() };
    const hook = { name: 'hook', massG: 0.5 + random(), volumeCm3: 0.1, embeddedShare: 0.3 };
    const gramsPerCm3 = metal.densityGcm3 * (1 - metal.shrinkLinear) ** 3;
    const roomCm3 = 0.4 + 4 * random();
    const spread = 0.004 + 0.012 * random();
    const cast = () => gramsPerCm3 * (roomCm3 * (1 + spread * normalFrom(random)) - 0.03) + hook.massG;
    const samples = Array.from({ length: 2 + Math.floor(10 * random()) }, () => {
      const count = 1 + Math.floor(4 * random());
      const weighedG = Array.from({ length: count }, cast).reduce((so, each) => so + each, 0);
      return { weighedG, count, metal, embedded: [hook] };
    });
    const band = cavityBand({ samples, metal, embedded: [hook] });
    if (!band.ok || band.value.bandG === null || !calibrateCavity(samples).ok) return null;
    return Math.abs(cast() - band.value.finishedG) <= band.value.bandG;
  });

const ONE_BLOCK = {
  chargeG: 0,
  capacityG: 4000,
  heelG: 0,
  heat: { fullMinutes: 1e-9, potShare: 0.25, spreadMinutes: null },
  pace: { pourMinutes: 600, restMinutes: 0 },
} as const;
/** Nine in ten of a normal. */
const Z90 = 1.645;

/** Hands of a known beat, faster or slower as a whole from evening to evening, one pour in eight held up. */
export function eveningOfHands(random: Random) {
  const beat = 25 + 30 * random();
  const evening = (pours: number) => {
    const tonight = beat * Math.exp(0.06 * normalFrom(random));
    return Array.from(
      { length: pours },
      () => tonight * (1 + 0.1 * normalFrom(random)) * (random() < 0.125 ? 1.8 : 1),
    );
  };
  const instants = (gaps: readonly number[]) =>
    gaps.reduce<number[]>((so, gap) => [...so, (so.at(-1) ?? 0) + 1000 * gap], [0]);
  const learned = learnBeat(Array.from({ length: 8 }, () => instants(evening(40))));
  if (!learned) throw new Error('eight evenings of forty pours tell a beat');
  const block = { ...learned, moldId: 'a', pours: 60, setupSeconds: 0, metalPerPourG: 0 };
  const told = layOutEvening({ ...ONE_BLOCK, blocks: [block] });
  const truthS = evening(60).reduce((so, each) => so + each, 0);
  return { toldS: told.totalS, bandS: Z90 * (told.spreadS ?? 0), truthS };
}

export const truthOfEvenings = (benches: number, start: number): Held =>
  tried(benches, start, (random) => {
    const { toldS, bandS, truthS } = eveningOfHands(random);
    return Math.abs(truthS - toldS) <= bandS;
  });

export type UseKind = 'regular' | 'bursty' | 'by chance';

/** Waits between two takings, days. */
const WAITS: Readonly<Record<UseKind, (random: Random) => number>> = {
  regular: (random) => 7 + 2 * (random() - 0.5),
  bursty: (random) => (random() < 0.6 ? 0.1 + 0.3 * random() : -22 * Math.log(1 - random())),
  'by chance': (random) => -6 * Math.log(1 - random()),
};
const WATCHED_DAYS = 180;

/** A bin that is used in a known way, watched for half a year: when it is empty. */
export const truthOfRunOuts = (benches: number, start: number, kind: UseKind): Held =>
  tried(benches, start, (random) => {
    const wait = () => WAITS[kind](random);
    const size = () => 1 + Math.floor(4 * random());
    const free = 12 + Math.floor(24 * random());
    // What was taken until now, and the taking that is on its way.
    let at = -WATCHED_DAYS + wait();
    const takings: { daysAgo: number; qty: number }[] = [];
    for (; at < 0; at += wait()) takings.push({ daysAgo: -at, qty: size() });
    let left = free - size();
    while (left > 0) {
      at += wait();
      left -= size();
    }
    const told = forecastUse({ takings, watchedDays: WATCHED_DAYS, free, random, runs: 200 });
    if (!told) return null;
    return at >= (told.soonest ?? 730) - 0.5 && at <= (told.latest ?? Infinity) + 0.5;
  });

/** Two baits that catch alike, in clumps: how often no winner is called. */
export const truthOfWinners = (benches: number, start: number): Held =>
  tried(benches, start, (random) => {
    const outing = () => {
      const hours = 1 + 3 * random();
      // A good day or a dead one: half a fish an hour in the mean, five times as often or hardly ever.
      const perHour = random() < 0.2 ? 2.1 : 0.1;
      let catches = 0;
      for (let t = -Math.log(1 - random()) / perHour; t < hours; t -= Math.log(1 - random()) / perHour) {
        catches += 1;
      }
      return { catches, hours };
    };
    const group = (id: string) => ({ id, outings: Array.from({ length: 10 }, outing) });
    const compared = compareCatches([group('a'), group('b')]);
    if (!compared.ok) throw new Error(compared.problem.code);
    return compared.value.winner === null;
  });
