import type { Locator, Page } from '@playwright/test';
import { STATIONS } from '../../src/app/stations';
import { readBench } from '../support/bench-database';
import { expect, test } from './bench-test';
import { openEmpty } from './empty-bench';

const partsOf = (page: Page) => page.getByRole('radiogroup', { name: 'What to do' }).first();

async function turnTo(page: Page, part: string): Promise<void> {
  if (part === '') return;
  await partsOf(page).locator('label').filter({ hasText: part }).first().click();
  await expect(partsOf(page).getByRole('radio', { name: part, exact: true })).toBeChecked();
}

/** What waits for something there: each says what for, and has a button. */
const missingOn = (page: Page) => page.getByRole('main').locator('.empty');

/** What a form wants said that nobody else can say. */
const ANSWERS = [
  [/^(Name|Called)$/, 'Mine'],
  [/^Marked$/, '1/4 oz'],
] as const;

/**
 * Presses the button of something missing and follows it to its end, which it tells in a word. A form to put a thing down is
 * gone through: then what was missing is there, and nothing says any more that it is not.
 */
async function mended(page: Page, missing: Locator): Promise<string> {
  const says = (await missing.locator('p').first().innerText()).trim();
  const button = missing.getByRole('button').or(missing.getByRole('link')).first();
  await expect(button, `${says}: has a button`).toBeEnabled();
  const name = (await button.innerText()).trim();
  const from = page.url();
  const forms = page.getByRole('dialog');
  const formsBefore = await forms.count();
  await button.click();
  const menu = page.getByRole('menu');
  const isGone = async () => (await page.getByText(says, { exact: true }).count()) === 0;
  const isForm = async () => (await forms.count()) > formsBefore;
  const isMoved = async () =>
    (await isForm()) || (await menu.count()) > 0 || page.url() !== from || (await isGone());
  await expect.poll(isMoved).toBe(true);
  if ((await menu.count()) > 0) {
    await menu.getByRole('menuitem').first().click();
    await expect.poll(isGone).toBe(true);
    return `${name}: begun`;
  }
  if (!(await isForm())) {
    const { pathname, searchParams } = new URL(page.url());
    const part = searchParams.get('part');
    return page.url() === from ? `${name}: begun` : `${name}: ${pathname}${part ? ` ${part}` : ''}`;
  }
  const form = forms.last();
  const inForm = form.locator('.empty');
  if ((await inForm.count()) > 0) return `${name}: ${await mended(page, inForm.first())}`;
  const put = form.getByRole('button', { name: 'Put on the shelf', exact: true });
  const kinds = form.getByRole('list').getByRole('button');
  const fields = form.getByRole('textbox');
  await expect.poll(async () => (await put.count()) + (await fields.count())).toBeGreaterThan(0);
  if ((await put.count()) === 0 && (await kinds.count()) === 0) {
    const title = (await form.locator('.ant-modal-title').innerText()).trim();
    for (const [asks, answer] of ANSWERS) {
      const field = form.getByRole('textbox', { name: asks }).first();
      if ((await field.count()) > 0 && (await field.inputValue()) === '') {
        await field.fill(answer);
        await field.press('Tab');
      }
    }
    await form.locator('.ant-btn-primary').last().click();
    await expect.poll(isGone).toBe(true);
    return `${name}: ${title}, kept`;
  }
  if ((await put.count()) === 0) await kinds.first().click();
  // What is waited for may have to be there, not only be known.
  const count = form.getByRole('textbox', { name: /^How many/ });
  await expect(put).toBeVisible();
  if ((await count.count()) > 0) await count.first().fill('5');
  await put.click();
  await expect(forms).toHaveCount(formsBefore);
  await expect.poll(isGone).toBe(true);
  const [bin] = (await readBench(page)).contents.bins;
  return `${name}: ${bin?.name} is there`;
}

/** Part by part, what is missing where nothing lies: its button, and where that ends. */
const MENDS: Readonly<Record<string, readonly string[]>> = {
  Ticket: [],
  Metal: ['Put a lot down: Lead with 4 % antimony is there'],
  Molds: ['Put a lot down: Lead with 4 % antimony is there', 'New block: New block, kept'],
  Pour: ['To the tickets: /ticket'],
  Dress: ['Heads from the shelf: Put bought heads down: Round head 1/4 oz is there'],
  Coat: ['Rack, Ovens and heat: Ovens and heat, kept', 'Powders, A jar of powder: A jar of powder, kept'],
  Skirt: [
    'Recipe, Put a material down: Tab is there',
    'Board, Make a recipe: /skirt recipe',
    'Materials, A material: A material for skirts, kept',
  ],
  Build: [
    'Bait, New bait: begun',
    'Board, Make a bait: /build bait',
    'What now, Make a bait: /build bait',
    'Parts, Put a part down: Wide gape hook 4/0 is there',
  ],
  Rig: [
    'Rig, New rig: begun',
    'Board, Make a rig: /rig rig',
    'Rolls, Put a roll down: Nylon line 20 lb is there',
    'Trip kit, Put something down: Wide gape hook 4/0 is there',
  ],
  Shelf: [
    'Bins, Put something down: Lead with 4 % antimony is there',
    'Cabinet, New drawer: /shelf cabinet',
    'Buy, Put something down: Lead with 4 % antimony is there',
    'On order, What to buy: /shelf buy',
    'Count day, Put something down: Lead with 4 % antimony is there',
    'Use, To the tickets: /ticket',
  ],
  Cost: [
    'A piece, Make a bait: /build',
    'Make or buy, Make a bait: /build',
    'Offer, Make a bait: /build',
    'Lost, Note a loss: /water',
  ],
  Water: [
    'What works, Write a note: /water note',
    'Replace, Note a loss: /water note',
    'Log, Write a note: /water note',
  ],
};

for (const { href, name: station } of STATIONS) {
  test(`${station}, where nothing lies: what is missing has a button, and each leads to it`, async ({
    page,
  }) => {
    await openEmpty(page, href);
    const parts = await partsOf(page)
      .getByRole('radio')
      .evaluateAll((all) => all.map((each) => each.closest('label')!.innerText));
    const states: { readonly part: string; readonly nth: number }[] = [];
    for (const part of parts.length > 0 ? parts : ['']) {
      await turnTo(page, part);
      const count = await missingOn(page).count();
      states.push(...Array.from({ length: count }, (_, nth) => ({ part, nth })));
    }
    const found: string[] = [];
    for (const { part, nth } of states) {
      await openEmpty(page, href);
      await turnTo(page, part);
      found.push(`${part}${part && ', '}${await mended(page, missingOn(page).nth(nth))}`);
    }
    expect(found).toEqual(MENDS[station]);
  });
}
