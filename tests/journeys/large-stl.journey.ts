import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { expect, test } from '@playwright/test';
import { writeStl } from '../../src/core/meshes/write-stl';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import { ballMesh } from '../support/test-meshes';
import { openStation } from './bench-page';

const LONGEST_TASK_MS = 100;
/** Facets round the ball: 1,002,000 triangles in all. */
const AROUND = 1002;

test('an STL of a million triangles is read and measured while the page stays free', async ({ page }) => {
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-'));
  try {
    const path = join(folder, 'ball.stl');
    const bytes = writeStl(ballMesh(10, AROUND), 'a large ball');
    writeFileSync(path, bytes);
    const triangles = (bytes.length - 84) / 50;
    await watchTasks(page);
    const idle = await idleTask(page);
    const longest = await triesUnder(LONGEST_TASK_MS, async () => {
      await openStation(page, 'molds');
      await page.getByRole('button', { name: 'New cavity' }).click();
      await page.getByRole('button', { name: 'From an STL' }).click();
      return longestTask(page, async () => {
        await page.locator('input[type=file][accept=".stl"]').setInputFiles(path);
        await expect(page.getByText(`${triangles.toLocaleString('en')} triangles, 4.188`)).toBeVisible({
          timeout: 60_000,
        });
        await expect(page.getByText('Closed all round.')).toBeVisible();
        await expect(page.getByRole('list', { name: 'How it lies on the bottom' })).toBeVisible();
      });
    });
    expect(noteLongest(longest, idle)).toBeLessThan(LONGEST_TASK_MS);
  } finally {
    rmSync(folder, { recursive: true });
  }
});
