import type { Locator, Page } from '@playwright/test';
import { readBench } from '../support/bench-database';
import { figuresOf } from '../support/foreign-units';
import { expect } from './bench-test';
import type { Maker } from './maker';

/** What the cards of a variant must speak of, and what it has not. */
export interface Variant {
  readonly needed: readonly RegExp[];
  readonly barred: readonly RegExp[];
}

/** Reads every card of the first piece, its steps one by one, and holds them against the variant. */
export async function readCards(maker: Maker, { needed, barred }: Variant): Promise<void> {
  const card = maker.page.getByRole('region', { name: 'Step card' });
  const steps = card.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  await expect(card).toContainText(/step 1 of/i);
  const count = await steps.count();
  const texts: string[] = [];
  for (let nth = 1; nth <= count; nth += 1) {
    await expect(card).toContainText(new RegExp(`step ${nth} of ${count}`, 'i'));
    texts.push(await card.innerText());
    if (nth < count) await maker.button('Next step', card);
  }
  for (const words of needed)
    expect(
      texts.some((text) => words.test(text)),
      `${words.source} is said`,
    ).toBe(true);
  for (const words of barred) expect(texts.filter((text) => words.test(text))).toEqual([]);
  expect(texts.filter((text) => figuresOf.metric.test(text))).toEqual([]);
}

/** Says what all that has no price costs, then what a piece does: nothing of it is left unpriced. */
async function price(maker: Maker, each: string): Promise<void> {
  const { page } = maker;
  const prices = page.getByRole('main').getByRole('button', { name: /^Price of/ });
  await expect(prices.first()).toBeVisible();
  for (let left = await prices.count(); left > 0; left -= 1) {
    await maker.press(prices.first());
    const dialog = page.getByRole('dialog');
    await maker.type(/^Price/, each, dialog);
    const per = dialog.getByRole('textbox', { name: 'That price is for' });
    const isWeighed = /lead|tin|hair|fur|powder|glue/i.test(
      await dialog.locator('.ant-modal-title').innerText(),
    );
    if ((await per.inputValue()) === '') {
      await maker.type('That price is for', isWeighed ? '1 lb' : '100 yd', dialog);
    }
    await maker.press(dialog.locator('.ant-btn-primary'));
    await expect(prices).toHaveCount(left - 1);
  }
}

/** Notes a fish on what was made. */
export async function note(maker: Maker, of: RegExp): Promise<void> {
  const { page } = maker;
  await maker.goTo('Water');
  await maker.press(page.getByRole('combobox', { name: 'On the line' }));
  await maker.press(page.getByTitle(of).first());
  await maker.type('Hours', '1');
  await maker.button('fish: one more');
  await maker.button('Note it');
  const notes = async () => (await readBench(page)).contents.waterNotes.map(({ fish }) => fish);
  await expect.poll(notes).toEqual([1]);
}

/** From the run's end to what one costs, with nothing left unpriced. */
export async function costs(maker: Maker, each: string): Promise<void> {
  const { page } = maker;
  await maker.button('What one costs', page.getByRole('navigation', { name: 'Next' }));
  await price(maker, each);
  await expect(page.getByRole('main').getByText(/has no price|nobody priced/)).toHaveCount(0);
}

/** Puts bought heads down where they are missed, at a dollar each. */
export async function putHeadsDown(
  maker: Maker,
  within: Page | Locator,
  kind: string,
  count: number,
): Promise<void> {
  await maker.button('Put bought heads down', within);
  const form = maker.page.getByRole('dialog', { name: 'Bought heads' });
  await maker.button(kind, form);
  await maker.type('How many', String(count), form);
  await maker.type(/^Price/, String(count), form);
  await maker.type('That price is for', String(count), form);
  await maker.button('Put on the shelf', form);
  await expect(form).toHaveCount(0);
}
