import { chromium } from '@playwright/test';
import { CHROMIUM } from './chromium.mjs';
const base = process.argv[2];
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });
async function open(size, preferences = {}) {
  const context = await browser.newContext({ viewport: size, locale: 'en-US', timezoneId: 'Europe/Berlin' });
  await context.addInitScript(
    (kept) => localStorage.getItem('ruvek-screen') ?? localStorage.setItem('ruvek-screen', kept),
    JSON.stringify({
      ticketInHand: 'ticket-16',
      mass: 'oz-fraction',
      length: 'in',
      temperature: 'F',
      ...preferences,
    }),
  );
  return context.newPage();
}
const shot = async (page, name) => {
  await page.waitForTimeout(900);
  await page.screenshot({ path: `/tmp/p-${name}.png` });
};
for (const [tag, size] of [
  ['d', { width: 1280, height: 800 }],
  ['m', { width: 390, height: 844 }],
]) {
  const page = await open(size, tag === 'm' ? { look: 'dark' } : {});
  await page.goto(`${base}/metal`);
  await page.getByRole('button', { name: /^Put Lot 9.*into the pot/ }).click();
  const others = page.getByRole('button', { name: /^Put .*(bismuth|pewter).*into the pot/i });
  await others.first().click();
  await page
    .getByText(/I mean it/)
    .first()
    .scrollIntoViewIfNeeded();
  await shot(page, `metal-${tag}`);
  await page.goto(`${base}/coat`);
  await page.getByText('Heat', { exact: true }).first().click();
  await shot(page, `heat-${tag}`);
  await page.goto(`${base}/water?part=weight`);
  await page.waitForTimeout(600);
  await page.getByRole('region', { name: 'To the bottom' }).scrollIntoViewIfNeeded();
  await shot(page, `weight-${tag}`);
  await page.goto(`${base}/water?part=answers`);
  await shot(page, `answers-${tag}`);
  await page.goto(`${base}/molds`);
  await page.waitForTimeout(800);
  await page
    .getByRole('button', { name: /Block M/ })
    .first()
    .click();
  await shot(page, `molds-${tag}`);
  await page.goto(`${base}/cost`);
  await shot(page, `cost-${tag}`);
  await page.goto(`${base}/build?part=bait`);
  await shot(page, `build-${tag}`);
}
await browser.close();
