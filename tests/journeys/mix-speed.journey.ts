import { expect, test } from '@playwright/test';
import { EMPTY_CONTENTS, type BenchFile } from '../../src/records/bench-file';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { chooseFile, closeDialog, openBenchMenu, openStation, readBench, replaceBench } from './bench-page';
import { bigMix, bigMixContents } from './big-mix';

/** The longest that the page may be busy in one go, ms. */
const LONGEST_TASK_MS = 200;

test('sixty baits over three hundred parts are mixed to proof in a worker while the page stays free', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await watchTasks(page);
  await openStation(page, 'build');
  const demo = await readBench(page);
  const file: BenchFile = {
    ...demo,
    contents: { ...EMPTY_CONTENTS, bench: demo.contents.bench, ...bigMixContents(bigMix()) },
  };
  await openBenchMenu(page);
  await chooseFile(page, 'big.json', JSON.stringify(file));
  await replaceBench(page);
  await closeDialog(page);
  await page.reload();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('What now', { exact: true }).click();
  await expect(page.getByText('60 baits, 300 kinds of part.')).toBeVisible();

  const ask = page.getByRole('button', { name: 'What can I make now' });
  const proven = page.getByText('proven: this shelf gives nothing worth more.');
  const idle = await idleTask(page);
  const longest = await triesUnder(LONGEST_TASK_MS, () =>
    longestTask(page, async () => {
      await ask.click();
      await expect(proven).toBeVisible({ timeout: 60_000 });
      await page.getByRole('button', { name: 'Cancel' }).click();
      await expect(ask).toBeEnabled();
    }),
  );
  expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);
});
