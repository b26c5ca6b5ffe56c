import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { preyPicture } from '../support/prey-picture';
import { openStation } from './bench-page';
import { turnTo } from './coat-bench';

const LONGEST_TASK_MS = 100;

test('a photo of twelve megapixels does not block the page', async ({ page }) => {
  const next = repeatableRandom(8);
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-'));
  try {
    const path = join(folder, 'perch.png');
    writeFileSync(
      path,
      preyPicture(4000, 3000, () => Math.round((next() - 0.5) * 20)),
    );
    await watchTasks(page);
    const idle = await idleTask(page);
    const longest = await triesUnder(LONGEST_TASK_MS, async () => {
      await openStation(page, 'coat');
      await turnTo(page, 'Colors');
      await page.getByRole('button', { name: 'From a photo' }).click();
      const photo = page.getByRole('region', { name: 'Colors of a photo' });
      return longestTask(page, async () => {
        await photo.locator('input[type=file]').setInputFiles(path);
        await expect(photo.getByRole('list', { name: 'Main colors' }).getByRole('listitem')).toHaveCount(3, {
          timeout: 60_000,
        });
      });
    });
    expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);
  } finally {
    rmSync(folder, { recursive: true });
  }
});
