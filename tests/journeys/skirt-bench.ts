import { expect, type Locator, type Page } from '@playwright/test';
import type { BenchContents } from '../../src/records/bench-file';
import { openChanged } from './bench-page';

type Part = 'Recipe' | 'Board' | 'Tie' | 'Order' | 'Materials';

/** A part of the skirt station. */
export async function turnTo(page: Page, part: Part): Promise<void> {
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText(part, { exact: true }).click();
}

/** Opens the skirt station on the demo bench as `change` makes it. */
export const openSkirt = (page: Page, change: (contents: BenchContents) => Partial<BenchContents>) =>
  openChanged(page, 'skirt', change);

/** Drags a thing onto another by mouse, in steps as a hand does. */
export async function dragOnto(page: Page, what: Locator, onto: Locator): Promise<void> {
  const [from, to] = [await what.boundingBox(), await onto.boundingBox()];
  if (!from || !to) throw new Error('both are on the page');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const steps = 12;
  for (let step = 1; step <= steps; step += 1) {
    await page.mouse.move(
      from.x + from.width / 2 + ((to.x + to.width / 2 - from.x - from.width / 2) * step) / steps,
      from.y + from.height / 2 + ((to.y + to.height / 2 - from.y - from.height / 2) * step) / steps,
    );
  }
  await page.mouse.up();
}

/** What the share bar of this name says, by color. */
export async function sharesOf(page: Page, name: string): Promise<Map<string, number>> {
  const bar = page.getByRole('list', { name });
  await expect(bar).toBeVisible();
  const said = await bar
    .getByRole('listitem')
    .evaluateAll((items) => items.map((item) => item.getAttribute('aria-label') ?? ''));
  return new Map(
    said.map((text) => {
      const [, color = '', percent = ''] = /^(.*) ([\d.]+) %$/.exec(text) ?? [];
      return [color, Number(percent) / 100];
    }),
  );
}
