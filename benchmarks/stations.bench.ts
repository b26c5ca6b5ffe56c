import type { Browser, Page } from '@playwright/test';
import { demoBench } from '@/demo/demo-bench';
import { layOutBench } from '../tests/support/bench-database';
import { largeBench } from '../tests/support/large-bench';
import { STATIONS, takeTwo, timeAnswer, timeOpening, untilPacked } from '../tests/support/station-times';
import { EMPTY, freshPage } from './browser';
import { longestTask, watchTasks } from './long-tasks';

const TRIES = 5;

async function openBench(browser: Browser): Promise<Page> {
  const page = await freshPage(browser);
  await watchTasks(page);
  await timeOpening(page, '/shelf');
  return page;
}

/** The best of some tries, ms. */
async function bestOf(measure: () => Promise<number>): Promise<number> {
  const took: number[] = [];
  for (let nth = 0; nth < TRIES; nth += 1) took.push(await measure());
  return Math.min(...took);
}

/** A station opened and answering, the best of some tries, ms: its longest task among them. */
async function timesOf(page: Page, station: string) {
  const tasks: number[] = [];
  const opens = await bestOf(() => timeOpening(page, `/${station}`));
  const answers = await bestOf(async () => {
    const took = await timeAnswer(page);
    tasks.push(await longestTask(page));
    await timeOpening(page, `/${station}`);
    return took;
  });
  return { opens, answers, task: Math.min(...tasks) };
}

/**
 * What each station takes to open and to answer with 5,000 parts and 50,000 entries, as a multiple of what it takes on the
 * made-up bench, the two measured in turn.
 */
export async function* benchStations(browser: Browser): AsyncGenerator<string> {
  const [small, large] = [await openBench(browser), await openBench(browser)];
  await large.goto(EMPTY);
  const now = Date.now();
  await layOutBench(large, largeBench(demoBench(now), now));
  for (const page of [small, large]) await timeOpening(page, '/shelf');
  await untilPacked(large);
  for (const page of [small, large]) {
    await timeOpening(page, '/shelf');
    await takeTwo(page);
  }
  for (const station of STATIONS) {
    const [is, of] = [await timesOf(large, station), await timesOf(small, station)];
    const times = (what: keyof typeof is) =>
      `${(is[what] / of[what]).toFixed(2)} (${is[what].toFixed(0)} against ${of[what].toFixed(0)} ms)`;
    yield [
      `${station}: with 5,000 parts and 50,000 entries it opens in so many times the time: ${times('opens')},`,
      `answers in ${times('answers')}, its longest task is ${times('task')}`,
    ].join(' ');
  }
}
