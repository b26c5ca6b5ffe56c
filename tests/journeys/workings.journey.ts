import type { Locator, Page } from '@playwright/test';
import { openStation } from './bench-page';
import { expect, test } from './bench-test';

/** Opens a figure on its working, which says how it comes about and where its inputs are from, and closes it again. */
async function opens(within: Page | Locator, figure: RegExp, says: readonly RegExp[]): Promise<void> {
  const button = within.getByRole('button', { name: figure }).first();
  await button.click();
  const page = 'page' in within ? within.page() : within;
  const working = page.getByRole('tooltip').filter({ visible: true });
  for (const words of says) await expect(working).toContainText(words);
  await expect(working).toContainText(
    /weighed by you|reference list|a guess|from the ledger|set by you|usual, until you set it|computed/,
  );
  await button.click();
  await expect(working).toHaveCount(0);
}

test('what a metal, a cavity and a scale tell opens on how it is reckoned', async ({ page }) => {
  await openStation(page, 'metal');
  await opens(page.getByRole('complementary', { name: 'Slip' }), /^Density: /, [/density/i]);
  await page.getByRole('button', { name: 'What is this scrap?' }).click();
  const scrap = page.getByRole('dialog');
  await scrap.getByRole('textbox', { name: /^In air/ }).fill('100 g');
  await scrap.getByRole('textbox', { name: 'Hung in water' }).fill('91.2 g');
  await scrap.getByRole('textbox', { name: 'Hung in water' }).press('Tab');
  await opens(scrap, /, how far off: /, [/found/, /one error/]);

  await openStation(page, 'molds');
  await page.getByRole('button', { name: /^Block C/ }).click();
  await opens(page.getByRole('main'), /^True weight: /, [/of cavity/, /of metal/]);
  await page.getByRole('button', { name: /^Weigh castings/ }).click();
  await opens(page.getByRole('dialog').getByRole('table'), /^True weight: /, [/19 castings in 20/]);
});

test('the evening, the charge and the pot open on how they are reckoned', async ({ page }) => {
  await openStation(page, 'pour');
  await opens(page.getByRole('region', { name: 'Session' }), /^The evening: /, [
    /melting/,
    /pours/,
    /together/,
  ]);
  const charge = page.getByRole('region', { name: 'Charge the pot' });
  await opens(charge, /^From cold to pourable: /, [/the pot’s own iron/]);
});

test('prices, days, chances and capabilities open on how they are reckoned', async ({ page }) => {
  await openStation(page, 'shelf');
  await page.goto('/shelf?part=buy');
  await page.getByRole('button', { name: 'Find the cheapest packs' }).click();
  await opens(page.getByRole('region', { name: 'The cheapest orders' }), /^The cheapest orders: /, [
    /goods .* post/,
    /whole packs/,
  ]);

  await page.goto('/water?part=answers');
  await opens(page.getByRole('table', { name: 'Fish an hour' }), /^Fish an hour, carefully: /, [
    /\+ 0\.5/,
    /nine times in ten/,
  ]);

  await page.goto('/dress?part=weigh');
  await opens(page.getByRole('main'), /^Process capability, Cpk: /, [/three spreads/, /Bissell/]);

  await page.goto('/rig?part=matches');
  await opens(page.getByRole('region', { name: 'What a knot or crimp holds' }), /^Knot on /, [/ × /]);
});

test('heat, powder, weights, holds, losses and offers open on how they are reckoned', async ({ page }) => {
  await openStation(page, 'coat');
  await page.goto('/coat?part=heat');
  await opens(page.getByRole('main'), /^In the heat: /, [/skin/, /h0/]);
  await opens(page.getByRole('main'), /^Then dip within: /, [/heat lost to the air/]);
  await page.goto('/coat?part=powders');
  await opens(page.getByRole('table', { name: 'Heads it makes' }), /^Powder, each head: /, [
    /film × density/,
  ]);

  await page.goto('/skirt');
  await opens(page.getByRole('region', { name: 'What they take' }), /^A skirt’s weight: /, [
    /layer by layer/,
  ]);
  await page.goto('/build?part=board');
  const bait = page.getByRole('main');
  await opens(bait, /^Finished weight: /, [/ \+ .* = /]);
  await opens(bait, /^Parts cost: /, [/together/]);
  await opens(bait, /^Takes, each: /, [/runs|usual of its kind/]);
  await page.goto('/rig?part=board');
  await opens(page.getByRole('main'), /^What it holds: /, [/the weakest/]);

  await page.goto('/dress?part=weigh');
  await opens(page.getByRole('main'), /^Mean and limits: /, [/Shewhart/]);
  await page.goto('/shelf?part=use');
  await opens(page.getByRole('list', { name: 'When bins run out' }), /^Runs out: /, [/drawn anew/]);
  await page.goto('/cost?part=lost');
  await opens(page.getByRole('main'), /^Lost this year: /, [/together/]);
  await page.goto('/cost?part=offer');
  await opens(page.getByRole('main'), /^The offer: /, [/together/]);
  await page.goto('/cost?part=outlay');
  await opens(page.getByRole('main'), /^Saved by making: /, [/ × /]);
});
