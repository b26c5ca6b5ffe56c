import { expect, test } from '@playwright/test';
import { EMPTY_CONTENTS, type BenchFile } from '../../src/records/bench-file';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { chooseFile, closeDialog, openBenchMenu, openStation, readBench, replaceBench } from './bench-page';
import { bigCutContents } from './big-cut';

/** The longest that the page may be busy in one go, ms. */
const LONGEST_TASK_MS = 200;

test('two hundred and forty pieces of twelve lengths from five stocks are planned to proof in a worker while the page stays free', async ({
  page,
}) => {
  test.setTimeout(300_000);
  await watchTasks(page);
  await openStation(page, 'rig');
  const demo = await readBench(page);
  const file: BenchFile = {
    ...demo,
    contents: { ...EMPTY_CONTENTS, bench: demo.contents.bench, ...bigCutContents(14) },
  };
  await openBenchMenu(page);
  await chooseFile(page, 'big.json', JSON.stringify(file));
  await replaceBench(page);
  await closeDialog(page);
  await page.reload();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('Run', { exact: true }).click();
  const make = page.getByRole('button', { name: 'Make Twelve lengths 1' });
  await expect(make).toBeVisible();
  const begin = page.getByRole('dialog', { name: /^Make 20 × Twelve lengths 1/ });
  const idle = await idleTask(page);
  const longest = await triesUnder(LONGEST_TASK_MS, () =>
    longestTask(page, async () => {
      await make.click();
      await expect(begin.getByText('Proven: no other way opens less.')).toBeVisible({ timeout: 60_000 });
      await begin.getByRole('button', { name: 'Leave it' }).click();
      await expect(begin).toHaveCount(0);
    }),
  );
  expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);
});
