import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import { measureMesh } from '../../src/core/meshes/measure-mesh';
import { choose, find, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';
import { openEmpty } from './empty-bench';

const flaws = (page: Page) => page.getByRole('list', { name: 'What is likely to go wrong' });

/** Waits until what is shown belongs to what is asked. */
async function frozen(page: Page): Promise<void> {
  await expect(page.getByRole('status').filter({ hasText: 'Following the freezing' })).toHaveCount(0);
  await expect(page.locator('[data-stale="false"]').first()).toBeVisible();
}

async function set(page: Page, label: string, text: string): Promise<void> {
  const field = page.getByRole('textbox', { name: label, exact: true });
  await field.fill(text);
  await field.press('Tab');
}

test('a demo cavity is frozen, its gate moved, seen to be mended, and kept', async ({ page }) => {
  await openStation(page, 'molds?mold=block-h');
  await page.getByRole('button', { name: 'Freeze it' }).click();
  await choose(page, 'Cavity', /^2, marked/);
  await expect(page.getByText('Body solid')).toBeVisible();
  await frozen(page);

  // At the tail the thin collar freezes long before the body behind it.
  await set(page, 'Gate along the body, from the nose', '92');
  await expect(page.locator('[data-stale="true"]').first()).toBeVisible();
  await frozen(page);
  await expect(flaws(page)).toContainText('A thin place freezes too soon');
  await expect(flaws(page)).toContainText(/It is solid \d+(\.5)? mm from the nose \d+\.\d s before the body/);

  // By the keys, back to where the body is thickest.
  const gate = page.getByRole('slider', { name: 'Gate along the body' });
  await gate.focus();
  for (let press = 0; press < 29; press += 1) await page.keyboard.press('ArrowLeft');
  await expect(gate).toHaveAttribute('aria-valuenow', '34');
  await frozen(page);
  await expect(page.getByText('A thin place freezes too soon')).toHaveCount(0);

  // What is left is mended by one of the three.
  const mend = page.getByRole('region', { name: 'What to change' });
  await mend.getByRole('button', { name: 'Find a fix' }).click();
  const first = mend.getByRole('list', { name: 'Changes that fix it' }).getByRole('listitem').first();
  await expect(first).toContainText(/Drill the gate to|Gate /);
  const before = await flaws(page).textContent();
  await first.getByRole('button', { name: 'Try it' }).click();
  await expect(page.locator('[data-stale="true"]').first()).toBeVisible();
  await frozen(page);
  await expect(page.getByText(before ?? '', { exact: true })).toHaveCount(0);

  await page.getByRole('button', { name: 'Keep gate and mold' }).click();
  await expect(page.getByRole('button', { name: 'Keep gate and mold' })).toHaveCount(0);
  const kept = async () => {
    const { contents } = await readBench(page);
    const mold = contents.molds.find(({ id }) => id === 'block-h');
    return [mold?.cavities[1]?.gate?.side, mold?.heat?.of];
  };
  expect(await kept()).toEqual(['above', 'aluminum']);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(kept).toEqual([undefined, undefined]);
});

test('the moment is pulled along, long work is called off and begun again', async ({ page }) => {
  await openStation(page, 'molds?view=freeze&mold=block-d&cavity=1');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByText('Body solid')).toHaveCount(0);
  await page.getByRole('button', { name: 'Freeze it' }).click();
  await frozen(page);
  const moment = page.getByRole('slider', { name: 'Seconds after the pour' });
  await moment.focus();
  for (let press = 0; press < 60; press += 1) await page.keyboard.press('ArrowLeft');
  await expect(page.getByText(/^\d+\.\d s after the pour$/)).toBeVisible();
  await expect(page.getByText('liquid', { exact: true })).toBeVisible();
  await page.keyboard.press('End');
  await expect(page.getByText('When each place is solid')).toBeVisible();
  // How it came about opens.
  await page
    .getByRole('button', { name: /^Followed as it freezes/ })
    .first()
    .click();
  await expect(page.getByText(/bricks; heat runs from each to its neighbors/)).toBeVisible();
});

test('a new maker designs a cavity, freezes it before it is cut, and takes it away as 3MF', async ({
  page,
}) => {
  await openEmpty(page, '/molds');
  await page.getByRole('button', { name: 'Put a lot down' }).click();
  const dialog = page.getByRole('dialog');
  await dialog
    .getByRole('button', { name: /^Soft lead/ })
    .first()
    .click();
  await dialog.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(dialog).toHaveCount(0);
  await page.getByRole('button', { name: 'New cavity' }).click();
  await page.getByRole('button', { name: 'Football' }).click();
  await page.getByRole('textbox', { name: 'Weight wanted' }).fill('1/2 oz');
  await page.getByRole('button', { name: 'Freeze it' }).click();
  await expect(page.getByText('Body solid')).toBeVisible();
  await frozen(page);
  // Said in the maker's own units, and that nobody timed a head.
  await expect(page.getByText(/Nobody timed a head here yet/)).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Metal poured at' })).toHaveValue(/°F$/);
  await find(page, 'Gate', 'from below');
  await expect(page.locator('[data-stale="true"]').first()).toBeVisible();
  await frozen(page);
  await expect(flaws(page)).toContainText('The gate freezes too soon');

  // What comes a moment later moves what stands under it.
  await expect(page.getByRole('region', { name: 'What to change' })).toBeVisible();
  await page.getByRole('button', { name: 'How it is made' }).click();
  await set(page, 'Walls lean, degrees', '2');
  const groove = page.getByRole('checkbox', { name: /A groove over each back/ });
  await groove.press(' ');
  await expect(groove).toBeChecked();
  await page.getByRole('button', { name: 'Mold halves' }).click();
  const [download] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('menuitem', { name: 'Mold halves, 3MF' }).click(),
  ]);
  await expect(page.getByText(/^Walls are thick enough/)).toBeVisible();
  const model = strFromU8(
    unzipSync(readFileSync(await download.path()))['3D/3dmodel.model'] ?? new Uint8Array(),
  );
  const objects = model.split('<object ').slice(1);
  expect(objects.map((each) => /name="([^"]+)"/.exec(each)?.[1])).toEqual(['front half', 'back half']);
  for (const object of objects) {
    const corners = [...object.matchAll(/x="([^"]+)" y="([^"]+)" z="([^"]+)"/g)].map((at) =>
      at.slice(1).map(Number),
    );
    const triangles = [...object.matchAll(/v1="(\d+)" v2="(\d+)" v3="(\d+)"/g)].flatMap((face) =>
      face.slice(1).flatMap((corner) => corners[Number(corner)] ?? []),
    );
    expect(measureMesh(triangles)).toMatchObject({ openEdges: 0, flippedEdges: 0 });
  }
});

test('a browser without WebGL shows a still of the head', async ({ page }) => {
  await openStation(page, 'molds?view=freeze&mold=block-d&cavity=1');
  await page.evaluate(() => {
    HTMLCanvasElement.prototype.getContext = () => null;
  });
  await page.getByRole('button', { name: 'Turn it in your hand' }).click();
  await expect(page.getByRole('img', { name: /the head$/ })).toBeVisible();
  await expect(page.getByText(/cannot turn bodies/)).toBeVisible();
});
