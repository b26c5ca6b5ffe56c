import { repeatableRandom } from '../numeric/repeatable-random';
import { forecastUse, type Taking } from './forecast-use';
import { learnSeason } from './learn-season';

/** A history of known truth: takings at a rate that the season bends, of one to five pieces, and when it runs out. */
function live(
  start: number,
  perDay: number,
  watchedDays: number,
  free: number,
  season: (day: number) => number,
) {
  const random = repeatableRandom(start);
  const size = () => 1 + Math.floor(random() * 5);
  /** How often something is taken on a day that brings `mean` takings. */
  const draw = (mean: number) => {
    let count = 0;
    for (let wait = -Math.log(1 - random()); wait < mean; wait -= Math.log(1 - random())) count += 1;
    return count;
  };
  const takings: Taking[] = [];
  for (let day = 1; day <= watchedDays; day += 1) {
    for (let left = draw(perDay * season(-day)); left > 0; left -= 1) {
      takings.push({ daysAgo: day - 0.5, qty: size() });
    }
  }
  let [left, day] = [free, 0];
  for (; left > 0 && day < 3000; day += 1) {
    for (let more = draw(perDay * season(day)); more > 0; more -= 1) left -= size();
  }
  return { takings, emptyAt: day };
}

function coverage(season: (day: number) => number, watchedDays: number): { share: number; asked: number } {
  let [held, asked] = [0, 0];
  for (let start = 1; start <= 240; start += 1) {
    const random = repeatableRandom(50_000 + start);
    const perDay = 0.12 + 0.35 * random();
    const free = 15 + Math.floor(random() * 60);
    const { takings, emptyAt } = live(start, perDay, watchedDays, free, season);
    const answer = forecastUse({ takings, watchedDays, free, season, random, runs: 120 });
    if (!answer) continue;
    asked += 1;
    const isAfter = answer.soonest === null || emptyAt >= answer.soonest - 1;
    const isBefore = answer.latest === null || emptyAt <= answer.latest + 1;
    if (isAfter && isBefore) held += 1;
  }
  return { share: held / asked, asked };
}

describe('forecastUse', () => {
  it('holds the truth nine times in ten', () => {
    const { share, asked } = coverage(() => 1, 120);
    expect(asked).toBeGreaterThan(200);
    expect(share).toBeGreaterThanOrEqual(0.85);
    expect(share).toBeLessThanOrEqual(0.95);
  });

  it('holds it through a season that doubles and halves what is taken', () => {
    const wave = (day: number) => (Math.floor((day + 3000) / 60) % 2 === 0 ? 1.5 : 0.5);
    const { share } = coverage(wave, 150);
    expect(share).toBeGreaterThanOrEqual(0.85);
    expect(share).toBeLessThanOrEqual(0.95);
  });

  it('says of regular weekly use when it ends to a few days, and holds it', () => {
    let [held, width] = [0, 0];
    const benches = 200;
    for (let start = 1; start <= benches; start += 1) {
      const random = repeatableRandom(start);
      const jitter = () => (random() - 0.5) * 2;
      const daysAgo = Array.from({ length: 16 }, (_, nth) => 3 + 7 * nth + jitter());
      const takings = daysAgo.map((each) => ({ daysAgo: each, qty: 5 }));
      // Four more weeks: the fourth taking empties it.
      const emptyAt = 4 + 7 * 3 + jitter();
      const { soonest, latest } = forecastUse({ takings, watchedDays: 120, free: 20, random, runs: 120 })!;
      width += latest! - soonest!;
      if (emptyAt >= soonest! - 0.5 && emptyAt <= latest! + 0.5) held += 1;
    }
    expect(held / benches).toBeGreaterThan(0.85);
    expect(width / benches).toBeLessThan(8);
  });

  it('holds bursts: three a session, sessions far apart', () => {
    let [held, asked] = [0, 0];
    for (let start = 1; start <= 240; start += 1) {
      const random = repeatableRandom(900 + start);
      const gap = () => -14 * Math.log(1 - random());
      const sessions: number[] = [];
      for (let day = -gap(); day > -200; day -= gap()) sessions.push(-day);
      const takings = sessions.flatMap((day) =>
        [0, 0.02, 0.04].map((later) => ({ daysAgo: day - later, qty: 2 })),
      );
      let [left, emptyAt] = [24, 0];
      for (; left > 0; left -= 6) emptyAt += gap();
      const answer = forecastUse({ takings, watchedDays: 200, free: 24, random, runs: 120 });
      if (!answer) continue;
      asked += 1;
      if (emptyAt >= (answer.soonest ?? 730) - 1 && emptyAt <= (answer.latest ?? Infinity) + 1) held += 1;
    }
    expect(asked).toBeGreaterThan(200);
    expect(held / asked).toBeGreaterThan(0.8);
    expect(held / asked).toBeLessThanOrEqual(0.97);
  });

  it('counts from the last use: who took yesterday takes later than who took a week ago', () => {
    const weekly = (last: number) =>
      Array.from({ length: 12 }, (_, nth) => ({ daysAgo: last + 7 * nth, qty: 5 }));
    const of = (last: number) =>
      forecastUse({ takings: weekly(last), watchedDays: 100, free: 5, random: repeatableRandom(3) })!.middle!;
    expect(of(6.5)).toBeLessThan(1.5);
    expect(of(1)).toBeGreaterThan(5);
  });

  it('is quiet where there is too little to go by', () => {
    const random = repeatableRandom(1);
    const few = [1, 2, 3, 4].map((daysAgo) => ({ daysAgo, qty: 1 }));
    expect(forecastUse({ takings: few, watchedDays: 90, free: 10, random })).toBeNull();
    const soon = [1, 2, 3, 4, 5, 6].map((daysAgo) => ({ daysAgo, qty: 1 }));
    expect(forecastUse({ takings: soon, watchedDays: 20, free: 10, random })).toBeNull();
  });

  it('says at once where more is promised than there is, and nothing past two years', () => {
    const takings = [10, 20, 30, 40, 50].map((daysAgo) => ({ daysAgo, qty: 1 }));
    const of = (free: number) => forecastUse({ takings, watchedDays: 60, free, random: repeatableRandom(2) });
    expect(of(-1)?.middle).toBe(0);
    // An empty bin lasts no day more.
    expect(of(0)).toMatchObject({ soonest: 0, middle: 0, latest: 0 });
    expect(of(10_000)).toMatchObject({ soonest: null, middle: null, latest: null });
    expect(of(5)?.usePerMonth).toBeCloseTo((5 / 60) * (365.25 / 12), 9);
    const [few, many] = [of(3), of(9)];
    expect(few!.middle!).toBeLessThan(many!.middle!);
  });
});

describe('learnSeason', () => {
  it('finds a busy month, and keeps near the usual where little was seen', () => {
    const watched = Array.from({ length: 12 }, () => 30);
    const takings = Array.from({ length: 12 }, (_, month) =>
      Array.from({ length: month === 3 ? 60 : 20 }, () => month),
    ).flat();
    const season = learnSeason(takings, watched);
    expect(season[3]).toBeGreaterThan(2);
    expect(season[7]).toBeLessThan(1);
    expect(learnSeason([], watched)).toEqual(watched.map(() => 1));
    expect(learnSeason([0], [...watched.slice(0, 2), ...Array.from({ length: 10 }, () => 0)])[5]).toBe(1);
  });
});
