import AxeBuilder from '@axe-core/playwright';
import type { Page } from '@playwright/test';
import { faultsOfLayout } from '../support/on-the-page';
import { DIALOGS, PARTS } from '../support/parts';
import { STATIONS } from '../support/station-times';
import { openStation } from './bench-page';
import { expect, test } from './bench-test';

const WIDTHS = [320, 390, 768, 1280, 1920] as const;
const HIGH = 800;
/** A finger needs so many pixels, a knuckle in a glove so many. */
const LEAST_PX = { bare: 24, glove: 44 };

// A desk of its own: it is made narrow and wide, dark and light.
test.use({ viewport: { width: 1280, height: HIGH }, deviceScaleFactor: 1 });

/** Turns the look of the page as it stands, as another tab of the same browser would. */
async function turn(
  page: Page,
  look: { readonly look?: 'day' | 'shed'; readonly isGloved?: boolean },
): Promise<void> {
  await page.evaluate((change) => {
    const kept = JSON.parse(localStorage.getItem('ruvek-screen') ?? '{}') as object;
    localStorage.setItem('ruvek-screen', JSON.stringify({ ...kept, ...change }));
    dispatchEvent(new StorageEvent('storage', { key: 'ruvek-screen' }));
  }, look);
  if (look.look) await expect(page.locator('html')).toHaveAttribute('data-look', look.look);
  if (look.isGloved !== undefined) {
    await expect(page.locator('html')).toHaveAttribute('data-glove', look.isGloved ? 'on' : 'off');
  }
}

/** What those who use a reader of screens, or see little, would stumble over. */
async function stumbles(page: Page): Promise<string[]> {
  const { violations } = await new AxeBuilder({ page }).analyze();
  return violations
    .filter(({ impact }) => impact !== 'minor')
    .flatMap(({ id, nodes }) =>
      nodes.map(({ html, failureSummary }) => `${id}: ${html} ${failureSummary ?? ''}`),
    );
}

/** What measures its place draws itself anew in the frame after a change of it. */
function twoFrames(): Promise<void> {
  return new Promise((done) => requestAnimationFrame(() => requestAnimationFrame(() => done())));
}

/** Once what is under way on the page has come to rest, nobody stumbles over it. */
async function isForAll(page: Page, where: string): Promise<void> {
  await expect.poll(() => stumbles(page), { message: where }).toEqual([]);
}

test.afterEach(async ({ page }) => {
  await turn(page, { look: 'day', isGloved: false });
  await page.setViewportSize({ width: 1280, height: HIGH });
});

for (const station of STATIONS) {
  test(`${station}: each part is for everyone, at every width, by day, in the shed and in gloves`, async ({
    page,
  }) => {
    for (const part of PARTS[station]) {
      await openStation(page, `${station}${part}`);
      await isForAll(page, `${station}${part} by day`);
      for (const isGloved of [false, true]) {
        await turn(page, { isGloved });
        for (const width of WIDTHS) {
          await page.setViewportSize({ width, height: HIGH });
          await page.evaluate(twoFrames);
          const where = `${station}${part} at ${width} px${isGloved ? ' in gloves' : ''}`;
          const least = isGloved ? LEAST_PX.glove : LEAST_PX.bare;
          // What is laid out anew by its own script takes a moment: faults that stay are faults.
          await expect.poll(() => page.evaluate(faultsOfLayout, least), { message: where }).toEqual([]);
        }
      }
      await page.setViewportSize({ width: 390, height: HIGH });
      await turn(page, { look: 'shed' });
      await isForAll(page, `${station}${part} in the shed, in gloves, at 390 px`);
      await turn(page, { look: 'day', isGloved: false });
      await page.setViewportSize({ width: 1280, height: HIGH });
    }
  });
}

test('dialogs begin within themselves, are for everyone, and give the focus back', async ({ page }) => {
  for (const { at, opens, dialog } of DIALOGS) {
    await openStation(page, at.slice(1));
    const opener = page.getByRole('button', { name: opens }).first();
    await opener.focus();
    await page.keyboard.press('Enter');
    const opened = page.getByRole('dialog', { name: dialog });
    await expect(opened).toBeVisible();
    await expect.poll(() => opened.evaluate((box) => box.contains(document.activeElement))).toBe(true);
    await isForAll(page, dialog);
    await page.setViewportSize({ width: 390, height: HIGH });
    await turn(page, { look: 'shed' });
    await isForAll(page, `${dialog} in the shed at 390 px`);
    await turn(page, { look: 'day' });
    await page.setViewportSize({ width: 1280, height: HIGH });
    await page.keyboard.press('Escape');
    await expect(opened).toHaveCount(0);
    await expect(opener).toBeFocused();
  }
});
