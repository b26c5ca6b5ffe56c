import { readFileSync } from 'node:fs';
import type { Page } from '@playwright/test';
import { choose, openChanged, openStation, readBench } from './bench-page';
import { expect, test } from './bench-test';
import { openEmpty } from './empty-bench';

/** The week's board, once it is planned. */
async function openWeek(page: Page) {
  await openStation(page, 'ticket');
  await page.getByText('The week', { exact: true }).click();
  const week = page.getByRole('region', { name: 'The week' });
  await expect(week.getByRole('button', { name: /^Melt and pour/ }).first()).toBeVisible();
  return week;
}

const pinsOf = async (page: Page) => (await readBench(page)).contents.bench[0]?.week?.pins ?? [];

test('the week is drawn, an evening struck out and planned anew, a task pulled to a day and pinned', async ({
  page,
}) => {
  const week = await openWeek(page);
  await expect(week.getByRole('region')).toHaveCount(7);
  await expect(page.getByRole('region', { name: 'Next at the bench' })).toContainText(/in this order,\s*\d/);
  const slip = page.getByRole('complementary', { name: 'Slip' });
  await expect(slip.getByRole('region', { name: 'When each ticket is done' })).toContainText(
    'nine times in ten',
  );

  // Struck out: nothing is left on that day, and what moved is said in one line.
  const tuesday = week.getByRole('region', { name: 'Tue Nov 24' });
  await expect(tuesday.getByRole('button', { name: /ticket \d/ }).first()).toBeVisible();
  await tuesday.getByRole('button', { name: 'Skip this day' }).click();
  await expect(tuesday.getByText('not at the bench')).toBeVisible();
  await expect(tuesday.getByRole('button', { name: /ticket \d/ })).toHaveCount(0);
  await expect(page.getByText(/^Planned anew: .*ticket \d+ moves from/)).toBeVisible();
  await page.getByRole('button', { name: 'Seen' }).click();
  await expect(page.getByText(/^Planned anew/)).toHaveCount(0);

  // Pulled to another day: it lies there, is pinned, and stays until it is let go again.
  const eggs = /^Heat and coat: 24 × Egg/;
  const piece = week.getByRole('button', { name: eggs });
  await expect(piece).toBeVisible();
  const on = await week
    .getByRole('region')
    .evaluateAll((days) =>
      days.findIndex((day) => day.querySelector('[aria-label^="Heat and coat: 24 × Egg"]')),
    );
  const next = week.getByRole('region').nth(on + 1);
  // Near an edge the page scrolls along under the hand: so it is done in the middle.
  await piece.evaluate((element) => element.scrollIntoView({ block: 'center' }));
  const from = (await piece.boundingBox())!;
  await page.mouse.move(from.x + 8, from.y + 12);
  await page.mouse.down();
  await page.mouse.move(from.x + 20, from.y + 40, { steps: 4 });
  await expect(async () => {
    const to = (await next.boundingBox())!;
    await page.mouse.move(to.x + 200, to.y + to.height / 2, { steps: 4 });
    await expect(next).toHaveAttribute('data-over', 'true', { timeout: 500 });
  }).toPass();
  await page.mouse.up();
  await expect.poll(() => pinsOf(page)).toHaveLength(1);
  await expect(next.getByRole('button', { name: eggs })).toBeVisible();

  await next.getByRole('button', { name: eggs }).click();
  await slip.getByRole('button', { name: 'Unpin' }).click();
  await expect.poll(() => pinsOf(page)).toHaveLength(0);
  await slip.getByRole('button', { name: 'Pin it there' }).click();
  await expect.poll(() => pinsOf(page)).toHaveLength(1);
  await page.getByRole('button', { name: /^Undo/ }).click();
  await expect.poll(() => pinsOf(page)).toHaveLength(0);
});

test('the evenings go into a calendar, and the week onto paper', async ({ page }) => {
  await openWeek(page);
  const [calendar] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Into my calendar' }).click(),
  ]);
  const text = readFileSync(await calendar.path(), 'utf8').replaceAll('\r\n ', '');
  const events = text.split('BEGIN:VEVENT').slice(1);
  expect(events.length).toBeGreaterThan(3);
  const starts = events.map((event) => /DTSTART:(\d{8}T\d{6}Z)/.exec(event)?.[1] ?? '');
  const ends = events.map((event) => /DTEND:(\d{8}T\d{6}Z)/.exec(event)?.[1] ?? '');
  expect([...starts].sort()).toEqual(starts);
  expect(starts[0]?.startsWith('20261124')).toBe(true);
  for (const [nth, end] of ends.entries()) expect(end > starts[nth]!).toBe(true);
  expect(text).toContain('Melt and pour');
  expect(events.every((event) => event.includes('BEGIN:VALARM'))).toBe(true);

  const [sheet] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Print the week' }).click(),
  ]);
  expect(sheet.suggestedFilename()).toBe('week.pdf');
  expect(
    readFileSync(await sheet.path())
      .subarray(0, 5)
      .toString(),
  ).toBe('%PDF-');
});

test('a slip promises while a ticket is written, and what is only asked for is answered', async ({
  page,
}) => {
  await openWeek(page);
  await page.getByRole('button', { name: 'When could I have…' }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('combobox').click();
  await page.locator('.ant-select-item-option').filter({ hasText: 'Ebb spinner' }).click();
  const answer = dialog.getByRole('region', { name: 'By when' });
  await expect(answer.getByRole('button', { name: /^By when: / })).toBeVisible();
  await expect(answer).toContainText('Nine times in ten');
  await expect(answer).toContainText(/Before it: ticket \d+/);
  await expect(answer).toContainText(/Brought forward: .*(ticket \d+ \d+ days? later|Nobody else)/);
  await dialog.getByRole('button', { name: 'Close', exact: true }).click();
  expect((await readBench(page)).contents.tickets.some(({ title }) => title === 'What is asked')).toBe(false);

  await page.getByRole('button', { name: 'New ticket' }).click();
  await page.getByRole('textbox', { name: 'Ticket', exact: true }).fill('Spring fair');
  await choose(page.getByRole('main'), 'Head', 'Egg');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).fill('20 g');
  await page.getByRole('textbox', { name: 'Pieces' }).fill('24');
  const slip = page.getByRole('complementary', { name: 'Slip' });
  await expect(
    slip.getByRole('region', { name: 'By when' }).getByRole('button', { name: /^By when: / }),
  ).toBeVisible();
});

test('without hours, and with a place of none, it says what would be right', async ({ page }) => {
  await openWeek(page);
  await page.getByRole('button', { name: 'When I am at the bench' }).click();
  const hours = page.getByRole('dialog');
  await hours.getByRole('textbox', { name: 'Ovens' }).fill('0');
  await expect(hours.getByText('0 is out of range. Write 1 to 4.')).toBeVisible();
  await hours.getByRole('button', { name: 'Hours on Monday' }).click();
  await expect(hours.getByText('Two times on Monday overlap')).toBeVisible();
  await expect(hours.getByRole('button', { name: 'Keep' })).toBeDisabled();
  await hours.getByRole('button', { name: 'Cancel' }).click();

  await openChanged(page, 'ticket?part=week', ({ bench: [own] }) => ({
    bench: [
      {
        ...own!,
        week: {
          days: Array.from({ length: 7 }, () => []),
          exceptions: [],
          hands: 1,
          pots: 1,
          ovens: 1,
          vises: 1,
          pins: [],
        },
      },
    ],
  }));
  await expect(page.getByText('There is no time at the bench in the next ten weeks')).toBeVisible();
});

test('an empty bench has its way on', async ({ page }) => {
  await openEmpty(page, '/ticket?part=week');
  await expect(
    page.getByText('No ticket is open. Write one, and the week says when it can be done.'),
  ).toBeVisible();
  await expect(page.getByRole('button', { name: 'Print the week' })).toBeDisabled();
  await page.getByRole('button', { name: 'Write a ticket' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'New ticket' })).toBeVisible();
});

test('a bench of a single ticket is planned for it alone', async ({ page }) => {
  await openChanged(page, 'ticket?part=week', ({ tickets }) => ({
    tickets: tickets.filter(({ title }) => title === 'Canal darts'),
    ticketEntries: [],
  }));
  await expect(page.getByRole('region', { name: 'Next at the bench' })).toContainText(
    /Melt and pour .* Block E/,
  );
  await expect(page.getByRole('complementary', { name: 'Slip' }).getByText('Canal darts')).toBeVisible();
});

test.describe('on a phone, in gloves', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('tonight’s list is walked from station to station, the right thing in hand', async ({ page }) => {
    await openStation(page, 'ticket?part=week');
    await page.getByRole('button', { name: /^Glove/ }).click();
    const next = page.getByRole('region', { name: 'Next at the bench' });
    const pour = next.getByRole('button', { name: /^Start: Melt and pour/ }).first();
    const box = await pour.boundingBox();
    expect(box!.height).toBeGreaterThanOrEqual(44);
    const what = (await pour.getAttribute('aria-label'))!;
    await pour.click();
    await expect(page).toHaveURL(/\/pour/);
    // The lot of the task is the lot that is planned.
    const lot = /in (Lot \d+)$/.exec(what)![1]!;
    await expect(page.getByRole('main')).toContainText(lot);

    await page.goBack();
    const coat = next.getByRole('button', { name: /^Start: Heat and coat/ }).first();
    const head = /× (.+), /.exec((await coat.getAttribute('aria-label'))!)![1]!;
    await coat.click();
    await expect(page).toHaveURL(/\/coat\?part=rack/);
    await expect(page.getByRole('main').getByText(head).first()).toBeVisible();
  });
});
