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
  await button.press('Enter');
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
  await opens(page.getByRole('dialog').getByRole('table'), /^True weight: /, [/95 % of castings/]);
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

test('what the shelf gives, shares, limits and prices open on how they are reckoned', async ({ page }) => {
  const main = page.getByRole('main');
  await openStation(page, 'pour');
  await opens(main, /^Pours: the shortest possible/, [/together \d+ pours, \d+ min/, /integer program/]);
  await opens(main, /^Pours of Block G: Pours 1 to 10/, [/÷ 1 cavity/, /the slowest/]);
  await opens(page.getByRole('region', { name: 'Lay out' }), /^Jig hook 2\/0: /, [/misfill/]);

  await page.goto('/coat?part=heat');
  await opens(main, /^Until powder sticks: /, [/ln\(/]);
  await opens(main, /^Until the metal goes soft: /, [/first melts/]);
  await page.goto('/coat?part=colors');
  await opens(main, / bears: /, [/first melts at .* slump/]);
  await page.goto('/coat?part=powders');
  await opens(main, /^Heads from a full jar: /, [/ ÷ .* = \d+/]);
  await opens(main, /for what waits: /, [/together/]);

  await page.goto('/skirt');
  await opens(page.getByRole('region', { name: 'At rest' }), /^Shares of color: /, [/reed green 76 %/]);
  await opens(page.getByRole('region', { name: 'Fullness' }), /^How close they stand: /, [/÷ \(π × /]);
  await opens(page.getByRole('region', { name: 'What they take' }), /^From the shelf: /, [/the scarcest/]);

  await page.goto('/build');
  await opens(main, /^Off its mark: /, [/÷ /]);
  await opens(main, /, its share: /, [/ ÷ .* = \d+ %/]);
  await opens(main, /^Length: /, [/farthest from the nose/]);
  await page.goto('/build?part=plastic');
  await opens(page.getByRole('list', { name: 'Back, stir in' }), /^Blue: /, [/in a cup of/]);
  await opens(page.getByRole('region', { name: 'A batch' }), /^Baits of a cup: /, [/whole shots/]);

  await page.goto('/rig');
  await opens(page.getByRole('region', { name: 'Its sums' }), /^Weighs: /, [/ \+ .* = /]);
  await page.goto('/rig?part=rolls');
  await opens(main, /^Enough for, /, [/ ÷ .* that one takes = /]);

  await page.goto('/shelf?part=buy');
  await opens(page.getByRole('table', { name: 'What is wanted' }), /^Promised: /, [/ticket \d+, .*together/]);
  await opens(page.getByRole('table', { name: 'What is wanted' }), /^To fill: /, [/which you call low/]);
  await page.goto('/shelf?part=use');
  await opens(main, /^Used in a month: /, [/× 30\.4 =/]);

  await page.goto('/cost');
  await opens(main, /^Tying, hands: /, [/min .* an hour ÷ 60/]);
  await page.goto('/cost?part=route');
  await opens(main, /^One, where 20 are made: /, [/together/]);
  await page.goto('/cost?part=outlay');
  await opens(main, /^Pouring, until it has paid: /, [/saved a piece/]);
  await page.goto('/cost?part=lost');
  await opens(main, /^Lost: /, [/ × .* = /]);
  await page.goto('/water?part=replace');
  await opens(main, /^Fish an hour, carefully: /, [/gamma/]);
  await page.goto('/water?part=weight');
  await opens(main, /^Marked .*, in Lot 9: /, [/room × .* g\/cm³/]);
  await page.goto('/dress?part=flaws');
  // The flaws of all runs are counted once they are read: until then another block may stand first.
  await opens(main, /^Flawed, Block D: 14\.9 %/, [/17 of 114 castings/, /Wilson/]);
  await page.goto('/ticket?part=week');
  await opens(main, /^In this order: /, [/together/]);
  await opens(page.getByRole('complementary', { name: 'Slip' }), /^Late: /, [
    /together .* days?/,
    /in no plan/,
  ]);
});

test('baits and skirts set side by side open on how they are reckoned', async ({ page }) => {
  await openStation(page, 'build');
  await page.goto('/build?part=board');
  await page.getByRole('checkbox', { name: /^Compare Canal swimmer 1 with/ }).check();
  await page.getByRole('checkbox', { name: /^Compare Dawn buzzer 1 with/ }).check();
  await page.getByRole('button', { name: /^Side by side/ }).click();
  const beside = page.getByRole('region', { name: 'Side by side' });
  await opens(beside, /^Finished weight: /, [/ \+ .* = /]);
  await opens(beside, /^Slowest speed: /, [/never a promise/]);
  await opens(beside, /^From the shelf: /, [/ ÷ 1 = /]);
});

test('what dialogs reckon opens on how it is reckoned', async ({ page }) => {
  const dialog = page.getByRole('dialog');
  await openStation(page, 'metal');
  await page.getByRole('button', { name: 'Ask for a blend' }).click();
  await opens(dialog, /^The blend: /, [/linear program/]);
  await opens(dialog, /^Hardness: /, [/antimony/]);
  await dialog.getByRole('button', { name: 'Cancel' }).click();
  await expect(dialog).toHaveCount(0);
  await openStation(page, 'molds');
  await page.getByRole('button', { name: /^Block C/ }).click();
  await page.getByRole('button', { name: /^Weigh castings/ }).click();
  await opens(dialog, /^Room of the cavity: /, [/mean of all/]);
  await opens(dialog, /^Off what is foretold: /, [/Student’s t/]);
  await dialog.getByRole('button', { name: 'Done' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: /^What makes/ }).click();
  await opens(dialog, /^Marked /, [/room × /]);
  await page.goto('/build?part=plastic');
  await page.getByRole('button', { name: 'Find it' }).click();
  await dialog.getByRole('textbox', { name: 'They weigh together' }).fill('42 g');
  await dialog.getByRole('textbox', { name: 'They weigh together' }).press('Tab');
  await opens(dialog, /^One bait: /, [/ ÷ 10 ÷ .* g\/cm³ = /]);
});
