import type { Locator, Page } from '@playwright/test';
import { parseCount } from '../../src/core/units/parse-count';
import { parseNumber } from '../../src/core/units/parse-number';
import { parseQuantity } from '../../src/core/units/parse-quantity';
import type { Quantity } from '../../src/core/units/quantities';
import { layOutBench as begunBench } from '../../src/model/beginnings/lay-out-bench';
import { EMPTY_CONTENTS, type BenchContents } from '../../src/records/bench-file';
import { PRACTICES } from '../../src/reference/typical/practices';
import { STATIONS } from '../../src/app/stations';
import { layOutBench } from '../support/bench-database';
import { figuresOf } from '../support/foreign-units';
import { withoutUnits } from '../support/without-units';
import { BLANK, expect, START, START_BENCH, test } from './bench-test';

const INCHES = { mass: 'oz-fraction', length: 'in', temperature: 'F', paper: 'letter' };
const METRIC = { mass: 'g', length: 'mm', temperature: 'C', paper: 'a4' };

/** Everything a page says: what is written, in fields, in drawings, and to who hears it. */
async function wordsOf(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const roots = [
      ...document.querySelectorAll<HTMLElement>('main, [role=complementary], [role=dialog], footer'),
    ];
    const within = (selector: string) =>
      roots.flatMap((root) => [...root.querySelectorAll<HTMLElement>(selector)]);
    return [
      ...roots.flatMap((root) => root.innerText.split('\n')),
      ...within('[aria-label]').map((each) => each.getAttribute('aria-label') ?? ''),
      ...within('[aria-valuetext]').map((each) => each.getAttribute('aria-valuetext') ?? ''),
      ...within('[title]').map((each) => each.getAttribute('title') ?? ''),
      ...within('input, textarea').map((each) => (each as HTMLInputElement).value),
      ...within('[placeholder]').map((each) => (each as HTMLInputElement).placeholder),
      ...within('svg text').map((each) => each.textContent ?? ''),
    ].filter((each) => each.trim() !== '');
  });
}

/** What lies uppermost: a dialog, or the page itself. */
async function uppermost(page: Page): Promise<Locator> {
  const dialogs = page.getByRole('dialog');
  return (await dialogs.count()) > 0 ? dialogs.last() : page.getByRole('main');
}

/** So many workings are opened together: each is drawn, and a page may have dozens. */
const AT_ONCE = 6;

/** The workings of the figures of what lies uppermost: some opened together as by presses, read, and closed again. */
async function workingsOf(page: Page): Promise<string[]> {
  const figures = (await uppermost(page)).getByRole('button', { name: /Show the working$/ });
  const workings = page.getByRole('tooltip');
  const close = async () => {
    // A press anywhere else closes them all.
    await page.evaluate(() => document.body.dispatchEvent(new MouseEvent('mousedown', { bubbles: true })));
    await expect(workings).toHaveCount(0);
  };
  const lines: string[] = [];
  // A sum may still be on its way: then one more figure comes, and those that were open are opened anew.
  for (let from = 0; from < (await figures.count()); from += AT_ONCE) {
    await expect(async () => {
      await close();
      const opened = await figures.evaluateAll(
        (all, [first, many]) => {
          const some = all.slice(first, first + many);
          some.forEach((each) => (each as HTMLElement).click());
          return some.length;
        },
        [from, AT_ONCE] as const,
      );
      await expect(workings).toHaveCount(opened, { timeout: 20_000 });
    }).toPass();
    lines.push(...(await workings.allInnerTexts()).flatMap((each) => each.split('\n')));
  }
  await close();
  return lines;
}

/** What a page says in the other system of units. */
const foreign = async (page: Page, where: string, figure: RegExp) =>
  [...(await wordsOf(page)), ...(await workingsOf(page))]
    .filter((each) => figure.test(each))
    .map((each) => `${where}: ${each.trim()}`);

/** Goes through every part of every station. */
async function throughParts(page: Page, see: (where: string) => Promise<void>, only?: string): Promise<void> {
  for (const { href } of STATIONS.filter((each) => only === undefined || each.href === only)) {
    await page.goto(href);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    const parts = page.getByRole('radiogroup', { name: 'What to do' }).first();
    const names = await parts
      .getByRole('radio')
      .evaluateAll((all) => all.map((each) => each.closest('label')!.innerText));
    if (names.length === 0) await see(href);
    for (const name of names) {
      await turnTo(page, name);
      await see(`${href} ${name}`);
    }
  }
}

/** What opens over a part: the page, its part if not the first, what is pressed, and what is then chosen. */
interface Opening {
  readonly at: string;
  readonly part?: string;
  readonly press: RegExp;
  readonly choice?: RegExp;
}

const putDown = (choice: RegExp): Opening => ({ at: '/shelf', press: /^Put something down/, choice });

const OPENINGS: readonly Opening[] = [
  { at: '/ticket', press: /^New ticket$/ },
  { at: '/metal', press: /^What is it\? Weigh it/ },
  { at: '/metal', press: /^What is this scrap/ },
  { at: '/metal', press: /^Ask for a blend$/ },
  { at: '/metal', press: /^New rule$/ },
  { at: '/molds', press: /^New cavity$/ },
  { at: '/molds', press: /^What makes/ },
  { at: '/molds', press: /^Weigh castings in$/ },
  { at: '/molds', press: /^Block$/, choice: /^New block/ },
  { at: '/pour', press: /^The pot$/ },
  { at: '/dress', press: /^Heads from the shelf$/ },
  { at: '/coat', press: /^Ovens and heat$/ },
  { at: '/coat', part: 'Heat', press: /^Time a head/ },
  { at: '/coat', part: 'Rack', press: /from the shelf$/ },
  { at: '/coat', part: 'Colors', press: /^New color$/ },
  { at: '/coat', part: 'Powders', press: /another jar$/ },
  { at: '/coat', part: 'Powders', press: /^Weigh the jar$/ },
  { at: '/coat', part: 'Powders', press: /^Change its card$/ },
  { at: '/skirt', press: /^New skirt$/ },
  { at: '/skirt', part: 'Board', press: /^Tie some$/ },
  { at: '/skirt', part: 'Materials', press: /^A material$/ },
  { at: '/build', press: /^New bait$/, choice: /^Spinnerbait$/ },
  { at: '/build', press: /^New bait$/, choice: /^Bladed jig$/ },
  { at: '/build', part: 'Board', press: /^Build$/ },
  { at: '/build', part: 'Run', press: /^Strip an old bait$/ },
  { at: '/rig', press: /^New rig$/, choice: /^Cable hook set$/ },
  { at: '/rig', press: /^New rig$/, choice: /^Feeder or method lead$/ },
  { at: '/rig', part: 'Board', press: /^Make some$/ },
  putDown(/^Metal to pour/),
  putDown(/^Jig hooks/),
  putDown(/^Willow blades/),
  putDown(/^Powder/),
  putDown(/^Nylon/),
  putDown(/^Paddle tails/),
  { at: '/shelf', press: /^Edit$/ },
  { at: '/shelf', part: 'Cabinet', press: /^New drawer$/ },
  { at: '/shelf', part: 'Buy', press: /^note a pack$/ },
  { at: '/cost', press: /^Hours and power$/ },
  { at: '/cost', part: 'Outlay', press: /^Add an outlay$/ },
];

/**
 * Opens what opens over the parts. A bench just laid out has not all of it. The form of the units themselves is left
 * out: it names both systems.
 */
async function throughOpenings(
  page: Page,
  isFull: boolean,
  see: (where: string) => Promise<void>,
  only?: string,
): Promise<void> {
  for (const { at, part, press, choice } of OPENINGS.filter(
    (each) => only === undefined || each.at === only,
  )) {
    await page.goto(at);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    if (part) await turnTo(page, part);
    const button = page.getByRole('button', { name: press }).first();
    if (!isFull && ((await button.count()) === 0 || !(await button.isEnabled()))) continue;
    await button.click();
    if (choice) {
      const inDialog = page.getByRole('dialog').getByRole('button', { name: choice });
      await inDialog
        .or(page.getByRole('menuitem', { name: choice }))
        .first()
        .click();
    }
    await see(`${at} ${part ?? ''} ${press.source} ${choice?.source ?? ''}`);
  }
}

/** Turns to a part of a station. On Shelf a bin's card has such a choice of its own below. */
async function turnTo(page: Page, name: string): Promise<void> {
  const parts = page.getByRole('radiogroup', { name: 'What to do' }).first();
  await parts.locator('label').filter({ hasText: name }).first().click();
  await expect(parts.getByRole('radio', { name, exact: true })).toBeChecked();
}

async function open(page: Page, contents: Parameters<typeof layOutBench>[1], units: object): Promise<void> {
  await page.goto(BLANK);
  await layOutBench(page, contents);
  await page.evaluate((kept) => localStorage.setItem('ruvek-screen', JSON.stringify(kept)), units);
}

test('a bench laid out in ounces and inches is read in grams, millimeters and C without one inch', async ({
  page,
}) => {
  let id = 0;
  const begun = begunBench(PRACTICES, {
    length: 'in',
    temperature: 'F',
    newId: () => `begun-${(id += 1)}`,
    now: START.getTime(),
  });
  await open(page, withoutUnits({ ...EMPTY_CONTENTS, ...begun } as never), METRIC);
  const found: string[] = [];
  const see = async (where: string) => {
    found.push(...(await foreign(page, where, figuresOf.inches)));
  };
  await throughParts(page, see);
  await throughOpenings(page, false, see);
  expect([...new Set(found)]).toEqual([]);
});

/** What each quantity is written as by makers, and what it then is in its base unit. */
const TYPED: Readonly<Record<Quantity, readonly string[]>> = {
  length: ['5 in', '17 1/2 in', '16"', '10 ft', '5/32 in'],
  mass: ['3/8 oz', '1/2 lb', '2 lb 3 oz'],
  strength: ['20 lb', '9 kg'],
  temperature: ['350 F', '72 F'],
  volume: ['4 fl oz', '1/2 cup', '1/32 tsp', '0.05 cu in'],
  duration: ['1 1/2 h', '90 s'],
  speed: ['2 mph', '3 ft/s'],
  pressure: ['30 psi', '2 bar'],
};
const QUANTITY_IDS = Object.keys(TYPED) as Quantity[];
const PLAIN = ['5 in', '5 beads', '2 1/2'];

/** What stands in a field, and what is said to be wrong with it. */
const standing = (field: Locator) =>
  field.evaluate((element: HTMLInputElement) => {
    const note = document.getElementById(element.getAttribute('aria-describedby') ?? '');
    const isWrong = element.getAttribute('aria-invalid') === 'true';
    return { stands: element.value, wrong: isWrong ? (note?.textContent ?? '') : null };
  });

/** Types into a field and leaves it, in one go; what then stands there. */
async function typed(field: Locator, text: string) {
  await field.evaluate((element: HTMLInputElement, next) => {
    element.focus();
    const own = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value');
    own?.set?.call(element, next);
    element.dispatchEvent(new Event('input', { bubbles: true }));
    element.blur();
  }, text);
  return standing(field);
}

/** What came of a text that was neither taken, nor kept as it is with a word of why; null where all is well. */
function lost(text: string, { stands, wrong }: { stands: string; wrong: string | null }, as?: Quantity) {
  if (wrong?.trim() === '') return `'${text}' refused without a word`;
  if (stands === text) return null;
  const [before, after] = as
    ? [text, stands].map((each) => parseQuantity(each, as)).map((read) => (read.ok ? read.value.value : NaN))
    : [text, stands].map((each) => parseCount(each) ?? parseNumber(each) ?? NaN);
  // What is shown is rounded; what is kept is not.
  const isSame =
    Math.abs(after! - before!) <= 0.04 * Math.max(Math.abs(before!), as === 'temperature' ? 20 : 0.5);
  return isSame ? null : `'${text}' became '${stands}'`;
}

/** A bench is kept in one money: the screen of this one writes dollars. */
const inDollars = (bench: BenchContents['bench'][number]) => ({
  ...bench,
  money: { ...bench.money, sign: '$' },
});
const METRIC_OR_EURO = new RegExp(`${figuresOf.metric.source}|€`);

for (const { href, name: station } of STATIONS) {
  test(`${station}, kept in grams and millimeters, is read in ounces, inches and F without one metric figure, and each field takes any unit or says why not`, async ({
    page,
  }) => {
    await open(page, withoutUnits({ ...START_BENCH, bench: START_BENCH.bench.map(inDollars) }), INCHES);
    const found: string[] = [];
    const seen = new Set<string>();
    let asked = 0;
    const see = async (where: string) => {
      found.push(...(await foreign(page, where, METRIC_OR_EURO)));
      const within = await uppermost(page);
      const fields = within.locator('input:not([role]):not([type]), input[type="text"]:not([role])');
      for (let nth = 0; nth < (await fields.count()); nth += 1) {
        const field = fields.nth(nth);
        const { name, before, isOpen } = await field.evaluate((each: HTMLInputElement) => ({
          name: each.getAttribute('aria-label') ?? each.labels?.[0]?.textContent ?? '',
          before: each.value,
          // A day is chosen from a calendar.
          isOpen: each.checkVisibility() && !each.disabled && each.closest('.ant-picker') === null,
        }));
        if (!isOpen || seen.has(name)) continue;
        seen.add(name);
        // What takes any words is no field of a number; any other says what it wants.
        const { wrong } = await typed(field, 'heron');
        if (wrong !== null) {
          const as = QUANTITY_IDS.find((quantity) => wrong.includes(`Write a ${quantity} such as`));
          for (const text of as ? TYPED[as] : PLAIN) {
            if (lost(text, await typed(field, text), as) === null) continue;
            // What is kept at once shows when it is kept.
            await expect
              .poll(async () => lost(text, await standing(field), as), { timeout: 5000 })
              .toBeNull()
              .catch(async () => found.push(`${where}, ${name}: ${lost(text, await standing(field), as)}`));
          }
          asked += 1;
        }
        await typed(field, before);
      }
    };
    await throughParts(page, see, href);
    await throughOpenings(page, true, see, href);
    expect(asked).toBeGreaterThan(0);
    expect([...new Set(found)]).toEqual([]);
  });
}

test('each quantity, the dates and the clock have a choice of their own, which holds at once and after a reload', async ({
  page,
}) => {
  await open(page, START_BENCH, METRIC);
  await page.goto('/water');
  await turnTo(page, 'Which weight');
  const main = page.getByRole('main');
  await expect(main.getByRole('textbox', { name: 'Depth' })).toHaveValue('4 m');
  await page.getByRole('button', { name: /^Bench.*: units and backup$/ }).click();
  const menu = page.getByRole('dialog', { name: 'The bench' });
  for (const [of, choice] of [
    ['Strength', 'lb'],
    ['Volume', 'cup, tsp'],
    ['Speed', 'mph'],
    ['Depth', 'ft'],
    ['Dates', '28 Nov'],
    ['Clock', '2:05 pm'],
  ] as const) {
    const choices = menu.getByRole('radiogroup', { name: of });
    await choices.locator('label').filter({ hasText: choice }).click();
    await expect(choices.getByRole('radio', { name: choice, exact: true })).toBeChecked();
  }
  await page.keyboard.press('Escape');
  const seen = async () => {
    await page.goto('/water');
    await turnTo(page, 'Which weight');
    await expect(main.getByRole('textbox', { name: 'Depth' })).toHaveValue(/ ft$/);
    await expect(main.getByRole('textbox', { name: 'Current' })).toHaveValue(/ mph$/);
    // What was not asked for stays in millimeters and grams.
    await expect(main.getByRole('textbox', { name: 'Line' })).toHaveValue(/ mm$/);
    await turnTo(page, 'Log');
    await expect(main.getByText(/\d ft deep/).first()).toBeVisible();
    await expect(main.getByText(/^\d{1,2} [A-Z][a-z]{2}$/).first()).toBeVisible();
    await page.goto('/rig');
    await page.getByRole('button', { name: 'New rig' }).first().click();
    await page.getByRole('menuitem', { name: 'Cable hook set' }).click();
    await expect(main.getByRole('textbox', { name: 'Must hold' })).toHaveValue(/ lb$/);
    await expect(main.getByRole('textbox', { name: 'Lure' })).toHaveValue(/ mm$/);
    await page.goto('/build');
    await turnTo(page, 'Plastic');
    await expect(main.getByText(/\d (cups?|tbsp|tsp) of plastic/).first()).toBeVisible();
  };
  await seen();
  await page.reload();
  await seen();
});
