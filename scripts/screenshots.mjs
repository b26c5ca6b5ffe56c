// Takes the pictures of the main views for the README, from the demo bench of a running server:
//   node scripts/screenshots.mjs http://127.0.0.1:3000
import { chromium } from '@playwright/test';

const [, , base = 'http://127.0.0.1:3000'] = process.argv;
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const browser = await chromium.launch({
  executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
  args: ['--no-sandbox', '--disable-gpu'],
});

/** The ticket of the demo bench that shows most. */
const IN_HAND = { ticketInHand: 'ticket-16' };

async function open(size, preferences = {}) {
  const context = await browser.newContext({ viewport: size, locale: 'en-US', timezoneId: 'Europe/Berlin' });
  await context.addInitScript(
    (kept) => localStorage.getItem('ruvek-screen') ?? localStorage.setItem('ruvek-screen', kept),
    JSON.stringify({ ...IN_HAND, ...preferences }),
  );
  return context.newPage();
}

async function shoot(page, name) {
  await page.waitForTimeout(1200);
  await page.screenshot({ path: `${folder}${name}.png` });
}

const DESK = { width: 1280, height: 800 };
const page = await open(DESK);
for (const station of ['ticket', 'molds', 'pour', 'shelf']) {
  await page.goto(`${base}/${station}`);
  await page.getByRole('heading', { level: 1 }).waitFor();
  if (station !== 'shelf') await page.getByText('At your beat').waitFor();
  if (station === 'shelf') await page.getByRole('button', { name: /^Lot 14/ }).click();
  await shoot(page, station);
}
await page.goto(`${base}/calculations`);
await page.getByRole('heading', { level: 1 }).waitFor();
await shoot(page, 'calculations');

await page.goto(`${base}/pour`);
await page.getByRole('button', { name: 'Begin the run' }).click();
for (let pour = 1; pour <= 9; pour += 1) {
  await page.getByRole('heading', { name: new RegExp(`^Pour ${pour} of`) }).waitFor();
  await page.keyboard.press('Space');
  if (pour === 1 || pour === 5) {
    await page.getByRole('heading', { name: new RegExp(`^Pour ${pour + 1} of`) }).waitFor();
    await page
      .getByRole('button', { name: /^Cavity \d, .*, cast$/ })
      .last()
      .click();
  }
}
await shoot(page, 'run');

const dark = await open(DESK, { look: 'shed' });
await dark.goto(`${base}/molds`);
await dark.getByText('At your beat').waitFor();
await shoot(dark, 'molds-shed');

const phone = await open({ width: 390, height: 844 });
await phone.goto(`${base}/ticket`);
await phone.getByText('At your beat').waitFor();
await shoot(phone, 'ticket-phone');
await browser.close();
