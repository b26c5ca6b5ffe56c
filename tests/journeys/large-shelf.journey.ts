import { expect, test } from '@playwright/test';
import { idleTask, longestTask, noteLongest, triesUnder, watchTasks } from '../support/long-tasks';
import {
  putLargeBench,
  showHooks,
  STATIONS,
  takeTwo,
  timeAnswer,
  timeOpening,
} from '../support/station-times';
import { levelOf, openStation, readBench } from './bench-page';

/** The longest that the page may be busy in one go, ms. */
const LONGEST_TASK_MS = 200;
/** What a station still draws once its heading stands. */
const SETTLE_MS = 700;

test('with 5,000 parts and 50,000 entries every station opens and answers while the page stays free', async ({
  page,
}) => {
  test.setTimeout(600_000);
  await watchTasks(page);
  await openStation(page, 'shelf');
  const demo = await readBench(page);
  await putLargeBench(page, demo);
  await page.reload();
  await takeTwo(page);
  const idle = await idleTask(page);
  for (const station of STATIONS) {
    // A page that loads has its own clock and its own list: all of both is of this opening.
    const opening = await triesUnder(LONGEST_TASK_MS, async () => {
      await timeOpening(page, `/${station}`);
      await page.waitForTimeout(SETTLE_MS);
      return page.evaluate(() => Math.max(0, ...window.longTasks.map(({ duration }) => duration)));
    });
    const answering = await triesUnder(LONGEST_TASK_MS, () =>
      longestTask(page, async () => {
        await timeAnswer(page);
      }),
    );
    const [opens, answers] = [
      noteLongest(opening, idle, `${station} opens`),
      noteLongest(answering, idle, `${station} answers`),
    ];
    expect.soft(opens, `${station} opens`).toBeLessThan(LONGEST_TASK_MS);
    expect.soft(answers, `${station} answers`).toBeLessThan(LONGEST_TASK_MS);
  }
  // The copy that made it quick is of what the ledger truly holds.
  await page.goto('/shelf');
  await showHooks(page);
  const hook = demo.contents.bins.find(({ name }) => name === 'Jig hook 2/0')!;
  const card = page.getByRole('region', { name: 'Jig hook 2/0', exact: true });
  const left = levelOf(await readBench(page), hook.id);
  expect(left).toBe(levelOf(demo, hook.id) - 2);
  await expect(card.getByText(String(left), { exact: true }).first()).toBeVisible();
});
