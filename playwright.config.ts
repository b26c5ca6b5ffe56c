import { defineConfig } from '@playwright/test';

/** Journeys that measure how long the page's main thread is taken. */
const TIMED = /(large-stl|plan-speed|photo-speed|skirt-speed|(mix|cut)-speed|large-shelf)\.journey\.ts$/;

const port = Number(process.env.RUVEK_TEST_PORT ?? 3217);

export default defineConfig({
  testDir: 'tests/journeys',
  timeout: 120_000,
  expect: { timeout: 15_000 },
  fullyParallel: false,
  // Journeys share nothing but the server, which keeps nothing; what is timed runs after them, alone.
  workers: 2,
  projects: [
    { name: 'journeys', testMatch: '**/*.journey.ts', testIgnore: TIMED },
    { name: 'timed', testMatch: TIMED, dependencies: ['journeys'], workers: 1 },
  ],
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
      executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
      args: [
        '--no-sandbox',
        '--disable-gpu',
        '--disable-quic',
        '--no-first-run',
        '--disable-background-networking',
        '--disable-component-update',
        '--disable-sync',
      ],
    },
  },
  webServer: {
    command: `node node_modules/next/dist/bin/next start -H 127.0.0.1 -p ${port}`,
    env: { RUVEK_BENCH: 'demo', NEXT_TELEMETRY_DISABLED: '1' },
    url: `http://127.0.0.1:${port}/api/calc`,
    reuseExistingServer: false,
    timeout: 60_000,
  },
});
