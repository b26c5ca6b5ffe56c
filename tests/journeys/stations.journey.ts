import { STATIONS } from '../support/station-times';
import {
  beginRun,
  choose,
  countPoursOnly,
  holdClock,
  levelOf,
  openStation,
  readBench,
  replaceBench,
} from './bench-page';
import { expect, test } from './bench-test';

test('digits go to stations, ? lists the keys, looks and gloves hold through a reload', async ({ page }) => {
  await openStation(page, 'ticket');
  await page.keyboard.press('2');
  await expect(page).toHaveURL(/\/metal$/);
  await page.keyboard.press('3');
  await expect(page).toHaveURL(/\/molds$/);
  await page.keyboard.press('6');
  await expect(page).toHaveURL(/\/coat$/);
  await page.keyboard.press('7');
  await expect(page).toHaveURL(/\/skirt$/);
  await page.keyboard.press('8');
  await expect(page).toHaveURL(/\/build$/);
  await page.keyboard.press('9');
  await expect(page).toHaveURL(/\/rig$/);
  await page.keyboard.press('0');
  await expect(page).toHaveURL(/\/shelf$/);
  await page.keyboard.press('c');
  await expect(page).toHaveURL(/\/cost$/);
  await page.keyboard.press('w');
  await expect(page).toHaveURL(/\/water$/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Shed look (dark)' }).click();
  await page.getByRole('button', { name: 'Glove mode' }).click();
  await page.reload();
  await expect(page.locator('html')).toHaveAttribute('data-look', 'shed');
  await expect(page.locator('html')).toHaveAttribute('data-glove', 'on');
});

test('by keyboard the work is one press away, and a new ticket within five', async ({ page }) => {
  await openStation(page, 'ticket');
  await page.keyboard.press('Tab');
  await expect(page.getByRole('button', { name: 'Skip to the work' })).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('main')).toBeFocused();
  const begin = page.getByRole('main').getByRole('button', { name: 'New ticket' });
  let tabs = 1;
  while (tabs < 5 && !(await begin.evaluate((button) => button === document.activeElement))) {
    await page.keyboard.press('Tab');
    tabs += 1;
  }
  await expect(begin).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { name: 'New ticket', level: 1 })).toBeVisible();
});

test('a ticket with mistakes says what is wrong beside each field, writes nothing and loses nothing', async ({
  page,
}) => {
  await openStation(page, 'ticket');
  const before = await readBench(page);
  await page.keyboard.press('n');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).fill('ten grams');
  await page.getByRole('textbox', { name: 'Pieces' }).fill('2.5');
  await page.getByRole('textbox', { name: 'Weight within' }).fill('80');
  await page.getByRole('button', { name: 'Write ticket' }).click();
  const alerts = page.getByRole('main').getByRole('alert');
  await expect(alerts.filter({ hasText: 'Give the ticket a name' })).toBeVisible();
  await expect(alerts.filter({ hasText: "'ten grams' does not begin with a number" })).toBeVisible();
  await expect(alerts.filter({ hasText: "'2.5' is not a whole number" })).toBeVisible();
  await expect(alerts.filter({ hasText: "'80' is no percentage from 0 to 50" })).toBeVisible();
  await expect(alerts.filter({ hasText: 'Choose a hook.' })).toBeVisible();
  expect((await readBench(page)).contents.tickets).toEqual(before.contents.tickets);

  // Any unit is understood and shown in the maker's own; the draft outlives a reload.
  await page.getByRole('textbox', { name: 'Ticket' }).fill('Half typed');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).fill('3/8 oz');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).blur();
  await expect(page.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('10.63 g');
  await page.reload();
  await expect(page.getByRole('heading', { name: 'New ticket', level: 1 })).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Ticket' })).toHaveValue('Half typed');
  await expect(page.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('10.63 g');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await expect(page.getByRole('heading', { name: 'Tickets', level: 1 })).toBeVisible();
});

test('the slip says which block comes near where none makes a line', async ({ page }) => {
  await openStation(page, 'ticket');
  await page.getByRole('button', { name: 'New ticket' }).click();
  await page.getByRole('textbox', { name: 'Weight', exact: true }).fill('11 g');
  await page.getByRole('textbox', { name: 'Pieces' }).fill('5');
  await choose(page, 'Hook', /^Jig hook 2\/0 \d+ on the shelf$/);
  await choose(page, 'Metal', 'Lot 14, hard lead');
  const slip = page.getByRole('complementary', { name: 'Slip' });
  await expect(slip).toContainText('No block makes Round 11 g, 2/0 here. Nearest: Block F gives 10.1 g');
  await expect(slip).toContainText('The ticket allows 5 %.');
});

test('at the shelf things are taken, put back and counted, and the ledger says so', async ({ page }) => {
  await openStation(page, 'shelf');
  await page.keyboard.press('/');
  await page.keyboard.type('jig hook 4/0');
  await expect(page.getByRole('button', { name: /^On hand: 52/ })).toBeVisible();
  const form = page.getByRole('form', { name: 'Move Jig hook 4/0' });

  await form.getByRole('textbox', { name: 'How much' }).fill('53');
  await expect(form.getByRole('alert')).toContainText('There are 52. Take less, or count the bin first.');
  await form.getByRole('button', { name: 'Take' }).click();
  await expect(page.getByRole('button', { name: /^On hand: 52/ })).toBeVisible();

  await form.getByRole('textbox', { name: 'How much' }).fill('12');
  await form.getByRole('textbox', { name: 'Note' }).fill('for the river');
  await form.getByRole('button', { name: 'Take' }).click();
  await expect(page.getByRole('button', { name: /^On hand: 40/ })).toBeVisible();
  await expect(page.getByRole('row').first()).toContainText('taken, for the river');

  await form.getByText('Count', { exact: true }).click();
  await form.getByRole('textbox', { name: 'Counted' }).fill('45');
  await form.getByRole('button', { name: 'Count' }).click();
  await expect(page.getByRole('button', { name: /^On hand: 45/ })).toBeVisible();
  await expect(page.getByRole('row').first()).toContainText('+5');

  // Undo enters the reverse; nothing is struck out.
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('button', { name: /^On hand: 40/ })).toBeVisible();
  await expect(page.getByRole('row').first()).toContainText('taken back: counted');
  expect(levelOf(await readBench(page), 'hook-4-0')).toBe(40);
});

test('what one sees is in the address: Back, a reload and a link come back to it', async ({ page }) => {
  await openStation(page, 'shelf');
  const chosen = page.getByRole('form', { name: 'Move Jig hook 4/0' });
  await page.keyboard.press('/');
  await page.keyboard.type('jig hook');
  await page.getByRole('button', { name: /^Jig hook 4\/0/ }).click();
  await expect(chosen).toBeVisible();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('Cabinet').click();
  await expect(chosen).toBeHidden();
  await expect(page).toHaveURL(/bin=hook-4-0&part=cabinet/);
  // Asked of the page itself: what it asks comes to the browser after what it last said of where it is, which a
  // remote control may overtake.
  await page.evaluate(() => {
    window.history.back();
  });
  await expect(page).toHaveURL(/bin=hook-4-0$/);
  await expect(chosen).toBeVisible();
  await page.reload();
  await expect(chosen).toBeVisible();

  // A link to a thing opens with it; one to a thing that is gone opens as any visit does.
  await page.goto('/molds?view=design');
  await expect(page.getByRole('button', { name: 'Back to the blocks' })).toBeVisible();
  await page.getByRole('button', { name: 'Back to the blocks' }).click();
  await expect(page.getByRole('button', { name: 'New cavity' })).toBeVisible();
  await page.goto('/shelf?bin=gone');
  await expect(page.getByRole('button', { name: /^On hand: / })).toBeVisible();
});

test('a figure shows its working and where each input comes from', async ({ page }) => {
  await openStation(page, 'molds');
  await page.getByRole('button', { name: /^Block C/ }).click();
  await page
    .getByRole('button', { name: /^True weight: .*a guess/ })
    .first()
    .click();
  const working = page.getByRole('tooltip');
  await expect(working).toContainText('g/cm³ of cavity');
  await expect(working).toContainText('weighed by you');
  await expect(working).toContainText('a guess');
});

test('a new block is drawn and says what it gives', async ({ page }) => {
  await openStation(page, 'molds');
  await page.getByRole('button', { name: 'Block', exact: true }).click();
  await page.getByRole('menuitem', { name: 'New block' }).click();
  const form = page.getByRole('dialog', { name: 'New block' });
  await form.getByRole('button', { name: 'Save block' }).click();
  await expect(form.getByRole('alert').filter({ hasText: 'Give the block a name' })).toBeVisible();
  await form.getByRole('textbox', { name: 'Name' }).fill('Block Z');
  await form.getByRole('textbox', { name: 'Marked' }).fill('1/2 oz');
  await form.getByRole('combobox', { name: 'Hooks it takes' }).fill('3/0,');
  await form.getByRole('button', { name: 'Save block' }).click();
  await expect(page.getByRole('heading', { name: 'Block Z', level: 1 })).toBeVisible();
  await expect(page.getByRole('img', { name: 'Cavity 1, marked 14.17 g, hook 3/0' })).toBeVisible();
  await expect(page.getByText('a guess, never weighed')).toBeVisible();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await expect(page.getByRole('heading', { name: 'Block Z', level: 1 })).toHaveCount(0);
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('every station keeps within the screen', async ({ page }) => {
    await openStation(page, 'ticket');
    const line = page.getByRole('navigation', { name: /stations/i });
    for (const station of STATIONS) {
      await line.locator(`a[href="/${station}"]`).click();
      await expect(page).toHaveURL(new RegExp(`/${station}$`));
      await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
      const wide = await page.evaluate(() => document.documentElement.scrollWidth - window.innerWidth);
      expect.soft(wide, station).toBeLessThanOrEqual(0);
    }
  });

  test('a run is poured and marked with a knuckle', async ({ page }) => {
    await openStation(page, 'ticket');
    await page.getByRole('button', { name: /Zander league/ }).tap();
    await page
      .getByRole('region', { name: /^Ticket \d+/ })
      .getByRole('button', { name: 'Pour' })
      .tap();
    await beginRun(page);
    await countPoursOnly(page);
    await page.getByRole('button', { name: /^Pour 30 left/ }).tap();
    await expect(page.getByRole('heading', { name: 'Pour 2 of 30' })).toBeVisible();
    await page.getByRole('button', { name: 'Cavity 1, 10 g, cast' }).tap();
    await expect(page.getByRole('button', { name: 'Pour 1, 1 misfilled' })).toBeVisible();
  });
});

test('a maker who thinks in ounces reads ounces everywhere', async ({ page }) => {
  await openStation(page, 'ticket');
  await page.getByRole('button', { name: /^Bench.*: units and backup$/ }).click();
  await page.getByRole('dialog').getByText('3/8 oz').click();
  await page.keyboard.press('Escape');
  await page.keyboard.press('n');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).fill('0.375');
  await page.getByRole('textbox', { name: 'Weight', exact: true }).blur();
  await expect(page.getByRole('textbox', { name: 'Weight', exact: true })).toHaveValue('3/8 oz');
  await page.getByRole('button', { name: 'Cancel' }).click();
  await page.keyboard.press('0');
  await expect(page.getByRole('button', { name: /^Lot 14, hard lead 26\.0 lb/ })).toBeVisible();
});

test('an empty bench says in a sentence what to do, and offers it', async ({ page }) => {
  await openStation(page, 'ticket');
  await page.getByRole('button', { name: /^Bench.*: units and backup$/ }).click();
  await page.getByRole('button', { name: 'Empty bench' }).click();
  await replaceBench(page);
  await page.getByRole('dialog').getByRole('button', { name: 'Close', exact: true }).click();
  await expect(page.getByRole('main').getByRole('button', { name: 'New ticket' }).first()).toBeVisible();
  await page.keyboard.press('2');
  await expect(page.getByText('No metal yet.')).toBeVisible();
  await page.keyboard.press('3');
  await expect(page.getByText('No metal on the shelf yet.')).toBeVisible();
  await page.keyboard.press('4');
  await expect(page.getByText('Nothing is left to pour here.')).toBeVisible();
  await page.keyboard.press('5');
  await expect(page.getByText('Nothing lies on the dressing bench.')).toBeVisible();
  await page.keyboard.press('6');
  await expect(page.getByText(/^No oven stands here/)).toBeVisible();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('Powders').click();
  await expect(page.getByRole('button', { name: 'A jar of powder' })).toBeVisible();
  await page.keyboard.press('7');
  await expect(page.getByText(/^Nothing to tie with lies on the shelf yet/)).toBeVisible();
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText('Materials').click();
  await expect(page.getByRole('button', { name: 'A material' })).toBeVisible();
  await page.keyboard.press('8');
  await expect(page.getByText('No bait is on the bench.')).toBeVisible();
  const parts = page.getByRole('radiogroup', { name: 'What to do' });
  await parts.getByText('Board', { exact: true }).click();
  await expect(page.getByText(/^No bait is kept yet/)).toBeVisible();
  await page.getByRole('button', { name: 'Make a bait' }).click();
  await expect(page.getByText('No bait is on the bench.')).toBeVisible();
  await parts.getByText('What now', { exact: true }).click();
  await expect(page.getByText('No bait is kept that fits together.')).toBeVisible();
  await parts.getByText('Plastic', { exact: true }).click();
  await expect(page.getByText('No color is kept yet.')).toBeVisible();
  await parts.getByText('Bait', { exact: true }).click();
  await page.getByRole('button', { name: 'New bait' }).click();
  await page.getByRole('menuitem', { name: 'Spinnerbait', exact: true }).click();
  await expect(page.getByText('It has no wire yet. Take one from the shelf.')).toBeVisible();
  await page.keyboard.press('9');
  await expect(page.getByText('No rig is on the bench.')).toBeVisible();
  await parts.getByText('Run', { exact: true }).click();
  await page.getByRole('button', { name: 'Make a rig' }).click();
  await expect(page.getByText('No rig is on the bench.')).toBeVisible();
  await parts.getByText('Rolls', { exact: true }).click();
  await expect(page.getByText(/^Nothing is kept by its length yet/)).toBeVisible();
  await parts.getByText('Trip kit', { exact: true }).click();
  await expect(page.getByText('No kit is out.')).toBeVisible();
  await parts.getByText('Rig', { exact: true }).click();
  await page.getByRole('button', { name: 'New rig' }).click();
  await page.getByRole('menuitem', { name: 'Cable hook set', exact: true }).click();
  await expect(page.getByText('It has no cable yet.')).toBeVisible();
  await page.keyboard.press('0');
  await expect(page.getByText('The shelf is empty.')).toBeVisible();

  await page.getByRole('button', { name: 'Put something down' }).first().click();
  const form = page.getByRole('dialog', { name: 'Put something down' });
  await form.getByRole('button', { name: 'Metal to pour' }).click();
  await form.getByRole('textbox', { name: 'Called' }).fill('');
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(form.getByRole('alert').first()).toBeVisible();
  await form.getByRole('textbox', { name: 'Called' }).fill('Lot 1, hard lead');
  await form.getByRole('textbox', { name: 'How much' }).fill('4.5 kg');
  await form.getByRole('button', { name: 'Put on the shelf' }).click();
  await expect(page.getByRole('button', { name: /^On hand: 4\.50 kg/ })).toBeVisible();
});

test.describe('by a clock of its own', () => {
  test.use({ ownClock: true });

  test('a clock is started, outlives a reload and rings', async ({ page }) => {
    await openStation(page, 'pour');
    await page.getByRole('button', { name: '+ clock' }).click();
    await page.getByRole('textbox', { name: 'What for' }).fill('Glue, tray 4');
    await page.getByRole('textbox', { name: 'How long' }).fill('30 min');
    await page.getByRole('button', { name: 'Start' }).click();
    await expect(page.getByRole('button', { name: /^(30|2\d):\d\d Glue, tray 4/ })).toBeVisible();
    await page.reload();
    await expect(page.getByRole('button', { name: /^(30|2\d):\d\d Glue, tray 4/ })).toBeVisible();
    await page.clock.fastForward('30:00');
    await page.getByRole('button', { name: 'done Glue, tray 4' }).click();
    await expect(page.getByRole('button', { name: /Glue, tray 4/ })).toHaveCount(0);
  });

  test('a spun disc says what comes over, and books it for stock', async ({ page }) => {
    await openStation(page, 'ticket');
    await page.getByRole('button', { name: /Drift sinkers/ }).click();
    const slip = page.getByRole('complementary', { name: 'Slip' });
    await expect(slip).toContainText('Every cavity fills: 40 Egg 15 g come over, for stock.');
    await page
      .getByRole('region', { name: /^Ticket \d+/ })
      .getByRole('button', { name: 'Pour' })
      .click();
    await beginRun(page);
    await holdClock(page);
    const control = page.getByRole('main');
    for (let pour = 1; pour <= 2; pour += 1) {
      await expect(page.getByRole('heading', { name: `Pour ${pour} of 20` })).toBeVisible();
      for (const [word, seconds] of [
        ['Load', null],
        ['Clamp', 5],
        ['Spin and pour', 25],
        ['Stop', 40],
        ['Open', null],
      ] as const) {
        await control.getByRole('button', { name: new RegExp(`^${word}`) }).click();
        if (seconds === null) continue;
        // The machine's waits are waited out: pressing does nothing before.
        await expect(control.getByRole('button', { name: new RegExp(`of ${seconds}$`) })).toBeVisible();
        await page.keyboard.press('Space');
        await page.clock.runFor(seconds * 500);
        await page.keyboard.press('Space');
        await expect(control.getByRole('button', { name: new RegExp(`of ${seconds}$`) })).toBeVisible();
        await page.clock.runFor(seconds * 1000 + 500);
      }
    }
    await expect(page.getByRole('heading', { name: 'Pour 3 of 20' })).toBeVisible();
    await page.getByRole('button', { name: 'Book', exact: true }).click();
    await page.getByRole('button', { name: 'Book it' }).click();
    await expect(page.getByText(/is booked: 16 heads on the shelf/)).toBeVisible();
    const file = await readBench(page);
    const run = [...file.contents.runs].sort((a, b) => a.no - b.no).at(-1);
    expect(run?.booking).toMatchObject({ good: 16, surplus: 4 });
    const over = file.contents.entries.filter(
      (entry) => entry.runId === run?.id && entry.kind === 'made' && !entry.ticketId,
    );
    expect(over.map((entry) => entry.qty)).toEqual([4]);
  });
});
