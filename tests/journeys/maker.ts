import type { Locator, Page } from '@playwright/test';
import { readBench } from '../support/bench-database';
import { figuresOf } from '../support/foreign-units';
import { expect } from './bench-test';
import { openEmpty } from './empty-bench';

/** A maker before the screen: every press and every field that is typed in is counted. */
export class Maker {
  presses = 0;
  fields = 0;

  constructor(readonly page: Page) {}

  async press(what: Locator): Promise<void> {
    this.presses += 1;
    await what.click();
  }

  /** Along the line to another station, and there: what the one left behind offers is not pressed by mistake. */
  async goTo(station: string): Promise<void> {
    const line = this.page.getByRole('navigation', { name: /stations/i });
    const link = line.getByRole('link', { name: new RegExp(`^${station}`) });
    await this.press(link);
    await expect(link).toHaveAttribute('aria-current', 'page');
  }

  /** A button by what stands on it. */
  button(name: string | RegExp, within: Page | Locator = this.page): Promise<void> {
    return this.press(within.getByRole('button', { name }).first());
  }

  /** Types and presses Enter, which does what the dialog is for. */
  async enter(name: string | RegExp, text: string, within: Page | Locator = this.page): Promise<void> {
    this.fields += 1;
    const field = within.getByRole('textbox', { name }).first();
    await field.fill(text);
    await field.press('Enter');
  }

  async type(name: string | RegExp, text: string, within: Page | Locator = this.page): Promise<void> {
    this.fields += 1;
    const field = within.getByRole('textbox', { name }).first();
    await field.fill(text);
    await field.press('Tab');
  }

  /** What it took so far, printed for who reads the run. */
  say(answer: string): { readonly presses: number; readonly fields: number } {
    const { presses, fields } = this;
    process.stdout.write(`\n${answer}: ${presses} presses, ${fields} fields\n`);
    return { presses, fields };
  }
}

/** A new user in the United States, before an empty bench. */
export async function newMaker(page: Page): Promise<Maker> {
  await openEmpty(page, '/ticket');
  await expect(page.getByRole('heading', { name: 'What do you make?' })).toBeVisible();
  return new Maker(page);
}

/** Chooses what one makes, and has that bench laid out. */
export async function begin(maker: Maker, practice: RegExp): Promise<void> {
  await maker.button(practice);
  await maker.button('Lay out my bench');
  await expect(maker.page.getByRole('heading', { name: 'What do you make?' })).toHaveCount(0);
}

/**
 * Ends a run: so many are looked over and booked. Where its card was not turned to the end, they were made in one sitting;
 * `isThrough` where it was.
 */
export async function book(maker: Maker, count: number, isThrough = false): Promise<void> {
  await maker.button('End the run');
  const over = maker.page.getByRole('dialog', { name: 'Look them over' });
  await over.waitFor();
  await readsInOwnUnits(maker);
  if (!isThrough) await maker.button(`All ${count}`, over);
  await maker.button(new RegExp(`^Book ${count} `), over);
  await expect(over).toHaveCount(0);
}

/** What stands on the page, dialogs too, in units that this maker does not use. */
async function readsInOwnUnits({ page }: Maker): Promise<void> {
  const lines = (await page.locator('body').innerText()).split('\n');
  expect(lines.filter((line) => figuresOf.metric.test(line))).toEqual([]);
}

/** Keeps the bait on the bench under a name, and opens the kit of so many. */
export async function keepAndBuild(maker: Maker, name: string, count: number): Promise<Locator> {
  await maker.type('Called', name);
  await maker.button('Keep it');
  await maker.button('Build');
  const dialog = maker.page.getByRole('dialog', { name: /^Build/ });
  await maker.type('How many', String(count), dialog);
  await readsInOwnUnits(maker);
  return dialog;
}

/** Counts what is short, each where it is missed: by its button, what lies there. */
export async function countIn(
  maker: Maker,
  within: Locator,
  counts: readonly (readonly [button: string | RegExp, there: string])[],
): Promise<void> {
  for (const [button, there] of counts) {
    await maker.button(button, within);
    await maker.enter(/^How (much|many|long)/, there, maker.page.getByRole('dialog').last());
    await expect(within.getByRole('button', { name: button })).toHaveCount(0);
  }
}

/**
 * Carries a planned run through: the checks before the pot, one press a pour and one for what is done while it is warm, and so
 * many good ones booked. Gives what each press said.
 */
export async function pourAll(maker: Maker, good: number): Promise<string[]> {
  const { page } = maker;
  await maker.button('Begin the run');
  const checks = page.getByRole('dialog');
  for (const check of await checks.getByRole('checkbox').all()) await maker.press(check);
  await maker.button('All of it is so', checks);
  await maker.press(page.locator('label').filter({ hasText: 'Pours only' }));
  const next = page.getByRole('button', { name: /space$/ });
  await next.waitFor();
  await readsInOwnUnits(maker);
  // The button counts seconds by itself, and what is done while a casting is warm is no pour: that a press was taken is
  // in the beat that the bench keeps, and the title says of which pour it is then.
  const beat = async () => {
    const { runs, beats, pours } = (await readBench(page)).contents;
    const run = runs.find(({ state }) => state === 'pouring');
    return { kept: JSON.stringify(beats), poured: pours.filter(({ runId }) => runId === run?.id).length };
  };
  const title = page.getByRole('heading', { level: 1 });
  const said: string[] = [];
  while ((await title.innerText()).startsWith('Pour ')) {
    const { kept } = await beat();
    said.push((await next.innerText()).replaceAll('\n', ', '));
    await maker.press(next);
    await expect.poll(async () => (await beat()).kept).not.toBe(kept);
    await expect(title).toHaveText(new RegExp(`^Pour ${(await beat()).poured + 1} of |^(?!Pour )`));
  }
  await maker.button(new RegExp(`^Book the run ${good} good`));
  await page.getByRole('dialog').waitFor();
  await readsInOwnUnits(maker);
  await maker.button('Book it', page.getByRole('dialog'));
  const latest = page.getByRole('region', { name: 'Past runs' }).getByRole('listitem').first();
  await expect(latest).toContainText(`${good} good, 0 misfilled`);
  return said;
}
