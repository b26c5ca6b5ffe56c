import {
  chooseFile,
  closeDialog,
  openBenchMenu,
  openStation,
  readBench,
  replaceBench,
  saveBench,
} from './bench-page';
import { expect, test } from './bench-test';

test('a backup restores exactly, with a preview first', async ({ page }) => {
  await openStation(page, 'ticket');
  const saved = await saveBench(page);
  expect(saved.contents).toEqual((await readBench(page)).contents);

  await openBenchMenu(page);
  await page.getByRole('button', { name: 'Empty bench' }).click();
  await replaceBench(page);
  await closeDialog(page);
  await expect(page.getByRole('heading', { name: 'What do you make?' })).toBeVisible();

  await openBenchMenu(page);
  await chooseFile(page, 'bench.json', JSON.stringify(saved));
  const preview = page.getByRole('region', { name: 'What would change' });
  await expect(preview.getByRole('row', { name: /^tickets 20/ })).toBeVisible();
  await page.getByRole('button', { name: 'Cancel' }).click();
  await closeDialog(page);
  await expect(page.getByRole('heading', { name: 'What do you make?' })).toBeVisible();

  await openBenchMenu(page);
  await chooseFile(page, 'bench.json', JSON.stringify(saved));
  await replaceBench(page);
  await closeDialog(page);
  await expect(page.getByRole('button', { name: /Zander league/ })).toBeVisible();
  expect((await readBench(page)).contents).toEqual(saved.contents);

  // A bench that was replaced is kept, and comes back as it was.
  await openBenchMenu(page);
  await page.getByRole('button', { name: 'Empty bench' }).click();
  await replaceBench(page);
  await page.getByRole('button', { name: /^Go back to the bench of/ }).click();
  await closeDialog(page);
  await expect(page.getByRole('button', { name: /Zander league/ })).toBeVisible();
  expect((await readBench(page)).contents).toEqual(saved.contents);
});

test('a file that is no good is refused in words, and the bench stays as it was', async ({ page }) => {
  await openStation(page, 'ticket');
  const before = await readBench(page);
  const text = JSON.stringify(before);
  const newer = JSON.stringify({ ...before, version: 99 });
  const [bin] = before.contents.bins;
  const bent = JSON.stringify({
    ...before,
    contents: { ...before.contents, bins: [{ ...bin, unit: 'stone' }, ...before.contents.bins.slice(1)] },
  });
  const cases: readonly (readonly [string, string | Buffer, RegExp])[] = [
    ['cut-off.json', text.slice(0, 9000), /cannot be read/],
    ['bent.json', bent, /damaged at the bin .* \(contents\.bins\.0\.unit\)/],
    ['foreign.json', '{"title":"a list of errands"}', /not a saved Ruvek bench/],
    ['newer.json', newer, /newer Ruvek/],
    ['picture.json', Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 1, 2, 3]), /cannot be read/],
    // Playwright hands over at most 50 MiB in memory, so the huge file is a real one, made of spaces.
    ['huge.json', '', /at most 64 MiB/],
  ];
  await openBenchMenu(page);
  for (const [name, content, message] of cases) {
    if (name === 'huge.json') {
      await page.evaluate(() => {
        const field = document.querySelector<HTMLInputElement>('input[type=file]');
        const chunk = ' '.repeat(1024 * 1024);
        const transfer = new DataTransfer();
        transfer.items.add(
          new File(Array<string>(65).fill(chunk), 'huge.json', { type: 'application/json' }),
        );
        if (field) field.files = transfer.files;
        field?.dispatchEvent(new Event('change', { bubbles: true }));
      });
    } else {
      await chooseFile(page, name, content);
    }
    await expect(page.getByRole('alert').filter({ hasText: message })).toContainText(
      'The bench is as it was.',
    );
    await expect(page.getByRole('button', { name: 'Replace the bench' })).toHaveCount(0);
  }
  await closeDialog(page);
  expect((await readBench(page)).contents).toEqual(before.contents);
});
