import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { existsSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { ownPort } from '../support/own-server';
import { closeDialog, openBenchMenu, replaceBench } from './bench-page';

/** The app as files (`npm run export`), served as any host of files would. */
let home: string;
const STATIONS = 12;

let host: ChildProcess;
test.beforeAll(async () => {
  if (!existsSync('out/ticket.html')) throw new Error('There are no files yet: npm run export makes them.');
  const port = ownPort(64);
  home = `http://127.0.0.1:${port}`;
  host = spawn(process.execPath, ['scripts/serve-files.mjs', String(port)], { stdio: 'ignore' });
  const answers = () =>
    fetch(`${home}/ticket`).then(
      ({ ok }) => ok,
      () => false,
    );
  await expect.poll(answers).toBe(true);
});
test.afterAll(() => host.kill('SIGKILL'));

test('as files the app opens, plans, goes from station to station, and runs with the host gone', async ({
  browser,
}) => {
  const context = await browser.newContext({
    baseURL: home,
    serviceWorkers: 'allow',
    reducedMotion: 'reduce',
  });
  const page = await context.newPage();
  const wrong: string[] = [];
  page.on('pageerror', (error) => wrong.push(error.message));
  page.on('console', (said) => {
    if (said.type() === 'error') wrong.push(said.text());
  });
  await page.goto('/ticket');
  await expect(page.getByRole('heading', { name: 'What do you make?' })).toBeVisible();
  await openBenchMenu(page);
  await page.getByRole('button', { name: 'Demo bench', exact: true }).click();
  await replaceBench(page);
  await closeDialog(page);

  const loads: string[] = [];
  page.on('request', (request) => {
    if (request.isNavigationRequest()) loads.push(request.url());
  });
  const line = page.getByRole('navigation', { name: /stations/i });
  const stops = await line.getByRole('link').all();
  expect(stops).toHaveLength(STATIONS);
  const addresses = await Promise.all(stops.map(async (stop) => (await stop.getAttribute('href')) ?? ''));
  for (const address of addresses) {
    await line.locator(`a[href="${address}"]`).click();
    await expect(page).toHaveURL(new RegExp(`${address}$`));
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  }
  // Each was a step within the page, not another page.
  expect(loads).toEqual([]);

  // The plan comes from the worker, by the solver.
  await page.goto('/pour');
  await expect(page.getByRole('button', { name: 'Begin the run' })).toBeEnabled();
  expect(wrong).toEqual([]);

  // Kept on the device: the host may go.
  const isKept = () =>
    page.evaluate(
      async () => (await navigator.serviceWorker.getRegistration())?.active?.state === 'activated',
    );
  await expect.poll(isKept).toBe(true);
  const gone = once(host, 'exit');
  host.kill('SIGKILL');
  await gone;
  await page.goto('/water');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await context.close();
});
