import { defineConfig } from '@playwright/test';
import { CHROMIUM } from './scripts/chromium.mjs';

const isAsFiles = process.env.RUVEK_AS_FILES === '1';
const port = Number(process.env.RUVEK_TEST_PORT ?? 3217);

export default defineConfig({
  testDir: 'tests/journeys',
  testMatch: '**/*.journey.ts',
  // What asks the service, or begins a server of its own.
  testIgnore: isAsFiles
    ? '**/{service,calculations,headers,kills,copies,offline,files,skirt-pixels}.journey.ts'
    : [],
  // What is right comes, on a slow machine later: a limit is no test of speed.
  timeout: 900_000,
  expect: { timeout: 180_000 },
  fullyParallel: true,
  // Journeys share nothing but the server, which keeps nothing.
  workers: 2,
  retries: 0,
  reporter: [['line'], ['json', { outputFile: 'test-results/journeys.json' }]],
  use: {
    baseURL: `http://127.0.0.1:${port}`,
    viewport: { width: 1280, height: 800 },
    timezoneId: 'Europe/Berlin',
    locale: 'en-US',
    // The worker that keeps the app would fetch all of it beside what is tested; the journey of it allows it.
    serviceWorkers: 'block',
    // A part that is still moving can lose a click on a slow machine.
    contextOptions: { reducedMotion: 'reduce' },
    launchOptions: {
      executablePath: CHROMIUM,
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
        // Pages are opened over and over and soon left: V8 compiles nothing ahead of need, and thoroughly only what
        // stays hot; to clear up in many threads is no help where both cores are at work.
        '--js-flags=--single-threaded-gc --max-lazy --invocation-count-for-maglev=4000 --invocation-count-for-turbofan=30000',
      ],
    },
  },
  webServer: {
    // `RUVEK_AS_FILES=1` runs journeys on what `npm run export` made.
    command: isAsFiles
      ? `node scripts/serve-files.mjs ${port}`
      : `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port}`,
    env: { RUVEK_BENCH: 'demo', NEXT_TELEMETRY_DISABLED: '1' },
    url: `http://127.0.0.1:${port}/${isAsFiles ? 'ticket' : 'api/calc'}`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
