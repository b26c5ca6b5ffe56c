import config from '../../playwright.config';
import { openStation } from './bench-page';
import { expect, test } from './bench-test';

const { launchOptions } = config.use ?? {};

// Drawn by the processor: no test machine has a card for it.
test.use({
  launchOptions: {
    ...launchOptions,
    args: [
      ...(launchOptions?.args ?? []).filter((flag) => flag !== '--disable-gpu'),
      '--use-angle=swiftshader',
      '--enable-unsafe-swiftshader',
    ],
  },
});

test('a head is turned by keys and by hand, cut through, and its mold opened', async ({ page }) => {
  await openStation(page, 'molds?view=freeze&mold=block-h&cavity=1');
  await page.getByRole('button', { name: 'Turn it in your hand' }).click();
  const stage = page.getByRole('application', { name: /the head/ });
  const canvas = stage.locator('canvas');
  await expect(canvas).toBeVisible();
  // A picture is there once it differs from an empty stage; then each deed changes it.
  let last = '';
  const look = async () => (await canvas.screenshot()).toString('base64');
  const changes = async (deed: () => Promise<unknown>) => {
    await deed();
    await expect.poll(async () => (await look()) !== last).toBe(true);
    last = await look();
  };
  await changes(async () => undefined);
  await stage.focus();
  await changes(() => page.keyboard.press('ArrowRight'));
  await changes(() => page.keyboard.press('ArrowUp'));
  await changes(() => page.keyboard.press('+'));
  await changes(async () => {
    const box = await canvas.boundingBox();
    if (!box) throw new Error('no stage');
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2 + 80, box.y + box.height / 2 + 20, { steps: 4 });
    await page.mouse.up();
  });
  await changes(() => page.keyboard.press('0'));

  const region = page.getByRole('region', { name: 'Turn it in your hand' });
  await region.getByText('Mold', { exact: true }).click();
  const mold = page.getByRole('application', { name: /the mold/ });
  await expect(mold.locator('canvas')).toBeVisible();
  const opened = async () => (await mold.locator('canvas').screenshot()).toString('base64');
  const open = page.getByRole('slider', { name: 'Open the mold' });
  await open.focus();
  await page.keyboard.press('Home');
  const shut = await opened();
  await page.keyboard.press('End');
  await expect.poll(opened).not.toBe(shut);
  // The scale's bar says how long it is.
  await expect(region.getByText(/^\d+ mm$/)).toBeVisible();
});
