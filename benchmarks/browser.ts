import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium, type Browser, type Page } from '@playwright/test';
import { CHROMIUM } from '../scripts/chromium.mjs';

const NEXT = 'node_modules/next/dist/bin/next';
const PORT = Number(process.env.RUVEK_BENCH_PORT ?? 3391);
const HOME = `http://127.0.0.1:${PORT}`;
const ENV = { ...process.env, RUVEK_BENCH: 'demo', NEXT_TELEMETRY_DISABLED: '1' };

/** An address of the application's own that loads no page: what an empty page costs is measured there. */
export const EMPTY = '/api/calc';

async function serve() {
  if (!existsSync('.next/BUILD_ID'))
    spawnSync(process.execPath, [NEXT, 'build'], { env: ENV, stdio: 'ignore' });
  const args = [NEXT, 'start', '-H', '127.0.0.1', '-p', String(PORT)];
  const server = spawn(process.execPath, args, { env: ENV, stdio: 'ignore' });
  for (let tries = 0; tries < 100; tries += 1) {
    const isUp = await fetch(`${HOME}${EMPTY}`).then(
      ({ ok }) => ok,
      () => false,
    );
    if (isUp) return server;
    await new Promise((resolve) => setTimeout(resolve, 200));
  }
  server.kill();
  throw new Error(`no server at ${HOME}: build with npm run build and try again`);
}

/** Gives what `measure` says of the built application in a real browser, its server and browser begun and ended around. */
export async function* inBrowser(
  measure: (browser: Browser) => AsyncGenerator<string>,
): AsyncGenerator<string> {
  const server = await serve();
  const browser = await chromium.launch({
    executablePath: CHROMIUM,
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    yield* measure(browser);
  } finally {
    await browser.close();
    server.kill();
  }
}

/** A page of a browser of its own, nothing open on it. */
export async function freshPage(browser: Browser): Promise<Page> {
  const context = await browser.newContext({
    viewport: { width: 1280, height: 800 },
    serviceWorkers: 'block',
    reducedMotion: 'reduce',
    baseURL: HOME,
  });
  // What runs these files keeps the names of functions by a helper that a page does not have.
  await context.addInitScript('globalThis.__name ??= (made) => made');
  // In millimeters and grams, as the works read what the page says: units are else guessed from the language.
  await context.addInitScript(() => {
    if (localStorage.getItem('ruvek-screen') === null) localStorage.setItem('ruvek-screen', '{}');
  });
  return context.newPage();
}
