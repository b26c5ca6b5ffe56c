import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium, type Browser, type Page } from '@playwright/test';
import { demoBench } from '@/demo/demo-bench';
import { BENCH_FILE_FORMAT, BENCH_FILE_VERSION } from '@/records/bench-file';
import { putLargeBench, STATIONS, takeTwo, timeAnswer, timeOpening } from '../tests/support/station-times';

const NEXT = 'node_modules/next/dist/bin/next';
const PORT = Number(process.env.RUVEK_BENCH_PORT ?? 3391);
const HOME = `http://127.0.0.1:${PORT}`;
const TRIES = 5;
const ENV = { ...process.env, RUVEK_BENCH: 'demo', NEXT_TELEMETRY_DISABLED: '1' };

async function serve() {
  if (!existsSync('.next/BUILD_ID'))
    spawnSync(process.execPath, [NEXT, 'build'], { env: ENV, stdio: 'ignore' });
  const args = [NEXT, 'start', '-H', '127.0.0.1', '-p', String(PORT)];
  const server = spawn(process.execPath, args, { env: ENV, stdio: 'ignore' });
  for (let tries = 0; tries < 100; tries += 1) {
    const isUp = await fetch(`${HOME}/api/calc`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (isUp) return server;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  server.kill();
  throw new Error(`no server at ${HOME}: build with npm run build and try again`);
}

async function openBench(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    ...{ viewport: { width: 1280, height: 800 }, serviceWorkers: 'block' },
    ...{ reducedMotion: 'reduce', baseURL: HOME },
  });
  const page = await context.newPage();
  await timeOpening(page, '/shelf');
  return page;
}

/** The best of some tries, ms. */
async function bestOf(measure: () => Promise<number>): Promise<number> {
  const took: number[] = [];
  for (let nth = 0; nth < TRIES; nth += 1) took.push(await measure());
  return Math.min(...took);
}

/**
 * What each station takes to open and to answer with 5,000 parts and 50,000 entries, as a multiple of what it takes on the
 * made-up bench, the two measured in turn.
 */
export async function* benchStations(): AsyncGenerator<string> {
  const server = await serve();
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const [small, large] = [await openBench(browser), await openBench(browser)];
    const savedAt = Date.now();
    const file = { format: BENCH_FILE_FORMAT, version: BENCH_FILE_VERSION, savedAt } as const;
    await putLargeBench(large, { ...file, contents: demoBench(savedAt) });
    for (const page of [small, large]) {
      await timeOpening(page, '/shelf');
      await takeTwo(page);
    }
    for (const station of STATIONS) {
      const [opens, opensLarge] = [
        await bestOf(() => timeOpening(small, `/${station}`)),
        await bestOf(() => timeOpening(large, `/${station}`)),
      ];
      const [answers, answersLarge] = [
        await bestOf(() => timeAnswer(small)),
        await bestOf(() => timeAnswer(large)),
      ];
      yield [
        `${station}: with 5,000 parts and 50,000 entries`,
        `opens in ${(opensLarge / opens).toFixed(2)} times the time (${opensLarge.toFixed(0)} against ${opens.toFixed(0)} ms),`,
        `answers in ${(answersLarge / answers).toFixed(2)} (${answersLarge.toFixed(0)} against ${answers.toFixed(0)} ms)`,
      ].join(' ');
    }
  } finally {
    await browser.close();
    server.kill();
  }
}
