// Takes the pictures of the main views for the README, from the demo bench of a running server:
//   node scripts/screenshots.mjs http://127.0.0.1:3000
import { chromium } from '@playwright/test';
import sharp from 'sharp';
import { CHROMIUM } from './chromium.mjs';

const [, , base = 'http://127.0.0.1:3000'] = process.argv;
const folder = new URL('../docs/screenshots/', import.meta.url).pathname;
const browser = await chromium.launch({ executablePath: CHROMIUM, args: ['--no-sandbox', '--disable-gpu'] });

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
  if (station !== 'shelf') await page.getByText('At your pace', { exact: true }).waitFor();
  if (station === 'shelf') await page.getByRole('button', { name: /^Lot 14/ }).click();
  await shoot(page, station);
}
await page.goto(`${base}/ticket?part=week`);
await page.getByRole('region', { name: 'Next at the bench' }).waitFor();
await page
  .getByRole('button', { name: /^Bag: Zander league/ })
  .first()
  .click();
await page.getByRole('region', { name: 'The week' }).evaluate((week) => week.scrollIntoView());
await shoot(page, 'week');

await page.goto(`${base}/metal`);
await page.getByRole('button', { name: 'Put Lot 9, soft lead into the pot' }).click();
await page.getByRole('button', { name: 'Put Lot 15, lead 6 % antimony into the pot' }).click();
await page.getByRole('textbox', { name: 'Lot 9', exact: true }).fill('1.4 kg');
await page.getByRole('textbox', { name: 'Lot 15', exact: true }).fill('2 kg');
await page.getByRole('textbox', { name: 'Lot 15', exact: true }).blur();
await page.evaluate(() => scrollTo({ top: 0 }));
await shoot(page, 'metal');

await page.goto(`${base}/dress`);
await page.getByRole('button', { name: /^Egg 20 g/ }).click();
await shoot(page, 'dress');

await page.goto(`${base}/coat`);
const parts = page.getByRole('radiogroup', { name: 'What to do' });
await page.getByRole('button', { name: /^Rack all/ }).click();
await page.getByText(/^\d loads, (the fewest possible|the best found)/).waitFor();
await shoot(page, 'coat');

await page.goto(`${base}/molds`);
await page.getByRole('button', { name: 'New cavity' }).click();
await page
  .getByText('lying on its side')
  .or(page.getByText(/standing|leaning/))
  .first()
  .waitFor();
await shoot(page, 'new-cavity');

await page.goto(`${base}/molds?view=freeze&mold=block-h&cavity=1`);
await page.getByText('Body solid').waitFor();
await page.getByRole('textbox', { name: 'Gate along the body, from the nose' }).fill('90');
await page.getByRole('textbox', { name: 'Gate along the body, from the nose' }).press('Tab');
await page.getByText('A thin place freezes too soon').waitFor();
await shoot(page, 'freeze');

await page.goto(`${base}/skirt`);
await page.getByRole('img', { name: 'The skirt on a stop' }).waitFor();
await shoot(page, 'skirt');
await page.goto(`${base}/build`);
await parts.getByText('Board', { exact: true }).click();
await page.getByRole('button', { name: /^Quay tandem 1/ }).click();
await page.getByRole('button', { name: 'Change it' }).click();
await page.getByRole('button', { name: 'Blade', exact: true }).click();
await shoot(page, 'build');

await page.goto(`${base}/rig`);
await page.getByText('Everything fits.').waitFor();
await shoot(page, 'rig');

await page.goto(`${base}/shelf?part=mat`);
await page.getByRole('textbox', { name: 'Bar along the bottom' }).fill('150 mm');
await page.getByRole('textbox', { name: 'Bar along the side' }).fill('200 mm');
await page.getByRole('textbox', { name: 'Bar along the side' }).press('Tab');
await page.getByRole('button', { name: 'Stand-in camera' }).click();
await page.getByRole('button', { name: 'Take it', exact: true }).click();
await page
  .getByRole('group', { name: 'The mat' })
  .getByRole('button', { name: /, Hook, / })
  .click();
await shoot(page, 'mat');

await page.goto(`${base}/water`);
await parts.getByText('Which weight', { exact: true }).click();
await shoot(page, 'water');

/** Begins a run, with the checklist answered. */
async function begin(on) {
  await on.getByRole('button', { name: 'Begin the run' }).click();
  const list = on.getByRole('dialog', { name: 'Before the pot goes on' });
  for (const box of await list.getByRole('checkbox').all()) await box.check();
  await list.getByRole('button', { name: 'All of it is so' }).click();
  await list.waitFor({ state: 'hidden' });
}

await page.goto(`${base}/pour`);
await page.getByText('All open').click();
await page.getByRole('heading', { name: /^\d+ pours/ }).waitFor();
await page
  .getByRole('list', { name: 'Metals of the session, in order' })
  .getByRole('button', { name: /Lot 14/ })
  .click();
await page.getByText(/^\d+ heads in Lot 14, the shortest possible/).waitFor();
await page.getByRole('radiogroup', { name: 'Blocks in hand at once' }).getByText('2').click();
await begin(page);
await page.getByRole('button', { name: 'Stand-in thermocouple' }).click();
for (let press = 0; press < 26; press += 1) {
  const waiting = page.getByRole('button', { name: /seconds? of \d+$/ });
  while ((await waiting.count()) > 0) await page.waitForTimeout(400);
  await page.keyboard.press('Space');
  await page.waitForTimeout(500);
  const cast = page.getByRole('button', { name: /^Cavity \d, .*, cast$/ }).last();
  if ((press === 2 || press === 16) && (await cast.count()) > 0) await cast.click();
}
await shoot(page, 'run');

const dark = await open(DESK, { look: 'shed' });
await dark.goto(`${base}/cost`);
await dark.getByText('each, where 20 are made').waitFor();
await shoot(dark, 'cost');

// What a newcomer in the United States sees.
const first = await open(DESK, {
  mass: 'oz-fraction',
  length: 'in',
  temperature: 'F',
  paper: 'letter',
  ticketInHand: null,
});
await first.goto(`${base}/ticket`);
await first.getByRole('button', { name: /^Bench.*: units and backup$/ }).click();
await first.getByRole('button', { name: 'Empty bench' }).click();
await first.getByRole('button', { name: 'Replace the bench' }).click();
await first.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
await first.getByRole('button', { name: /^Pour jig heads/ }).click();
await first.getByRole('button', { name: /^Wire baits/ }).click();
// The word that the bench was replaced goes by itself, and stands over the header until then.
await first.getByText('The bench before is kept').waitFor({ state: 'hidden' });
await shoot(first, 'begin');
await browser.close();

// Bodies are drawn by a processor here: the head and the opened mold, one under the other.
const lit = await chromium.launch({
  executablePath: CHROMIUM,
  args: ['--no-sandbox', '--use-angle=swiftshader', '--enable-unsafe-swiftshader'],
});
const hall = await (await lit.newContext({ viewport: DESK, locale: 'en-US' })).newPage();
await hall.goto(`${base}/molds?view=freeze&mold=block-h&cavity=1`);
await hall.getByRole('button', { name: 'Turn it in your hand' }).click();
const turned = hall.getByRole('region', { name: 'Turn it in your hand' });
const views = [];
for (const view of ['Head', 'Mold']) {
  await turned.getByText(view, { exact: true }).click();
  await turned.locator('canvas').waitFor();
  await hall.waitForTimeout(1500);
  const stage = turned.getByRole('application').locator('..');
  await stage.evaluate((it) => it.scrollIntoView({ block: 'center' }));
  views.push(await stage.screenshot());
}
await lit.close();
const { width, height } = await sharp(views[0]).metadata();
await sharp({ create: { width, height: 2 * height, channels: 3, background: '#ffffff' } })
  .composite(views.map((input, nth) => ({ input, left: 0, top: nth * height })))
  .png()
  .toFile(`${folder}bodies.png`);
