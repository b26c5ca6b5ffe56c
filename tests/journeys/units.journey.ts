import type { Page } from '@playwright/test';
import { layOutBench as begunBench } from '../../src/model/beginnings/lay-out-bench';
import { EMPTY_CONTENTS } from '../../src/records/bench-file';
import { PRACTICES } from '../../src/reference/typical/practices';
import { STATIONS } from '../../src/app/stations';
import { layOutBench } from '../support/bench-database';
import { withoutUnits } from '../support/without-units';
import { BLANK, expect, START, START_BENCH, test } from './bench-test';

const INCHES = { mass: 'oz-fraction', length: 'in', temperature: 'F', paper: 'letter' };
const METRIC = { mass: 'g', length: 'mm', temperature: 'C', paper: 'a4' };

/** A figure with a unit of the other system. Densities and what is made of them are the same to everybody. */
const METRIC_FIGURE = /(?<![\w.])\d[\d.,]*\s?(mm|cm|m|g|kg|°C|C|ml|cm³|cm²|km\/h|m\/s)(?![\w/³²])/;
const INCH_FIGURE = /(?<![\w.])\d[\d.,/]*\s?(in|ft|yd|oz|lb|°F|F|fl oz|in³|in²|mph|ft\/s)(?![\w/³²])/;

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

/** What a page says in the other system of units. */
const foreign = async (page: Page, where: string, figure: RegExp) =>
  (await wordsOf(page)).filter((each) => figure.test(each)).map((each) => `${where}: ${each.trim()}`);

/** Goes through every part of every station. */
async function throughParts(page: Page, see: (where: string) => Promise<void>): Promise<void> {
  for (const { href } of STATIONS) {
    await page.goto(href);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    // The first one is the station's: a bin's card has one of its own below.
    const parts = page.getByRole('radiogroup', { name: 'What to do' }).first();
    const names = await parts
      .getByRole('radio')
      .evaluateAll((all) => all.map((each) => each.closest('label')!.innerText));
    if (names.length === 0) await see(href);
    for (const name of names) {
      await parts.locator('label').filter({ hasText: name }).first().click();
      await expect(parts.getByRole('radio', { name, exact: true })).toBeChecked();
      await see(`${href} ${name}`);
    }
  }
}

/** What opens over the parts: the page, what is pressed on it, and what is then chosen. */
const DIALOGS: readonly (readonly [href: string, press: RegExp, choice?: RegExp])[] = [
  ['/ticket', /^New ticket$/],
  ['/metal', /^What is it\? Weigh it/],
  ['/metal', /^Ask for a blend$/],
  ['/metal', /^New rule$/],
  ['/molds', /^New cavity$/],
  ['/molds', /^What makes/],
  ['/shelf', /^Put something down/, /^Metal to pour/],
  ['/shelf', /^Put something down/, /^Jig hooks/],
  ['/shelf', /^Put something down/, /^Willow blades/],
  ['/shelf', /^Put something down/, /^Powder/],
  ['/shelf', /^Put something down/, /^Nylon/],
  ['/shelf', /^Put something down/, /^Paddle tails/],
  ['/rig', /^New rig$/, /^Cable hook set$/],
  ['/rig', /^New rig$/, /^Feeder or method lead$/],
  ['/build', /^New bait$/, /^Spinnerbait$/],
  ['/skirt', /^New skirt$/],
];

/** Opens what opens over a part. The form of the units themselves is left out: it names both systems. */
async function throughDialogs(page: Page, see: (where: string) => Promise<void>): Promise<void> {
  for (const [href, press, choice] of DIALOGS) {
    await page.goto(href);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await page.getByRole('button', { name: press }).first().click();
    if (choice) {
      const inDialog = page.getByRole('dialog').getByRole('button', { name: choice });
      await inDialog
        .or(page.getByRole('menuitem', { name: choice }))
        .first()
        .click();
    }
    await see(`${href} ${press.source} ${choice?.source ?? ''}`);
  }
}

async function open(page: Page, contents: Parameters<typeof layOutBench>[1], units: object): Promise<void> {
  await page.goto(BLANK);
  await layOutBench(page, contents);
  await page.evaluate((kept) => localStorage.setItem('ruvek-screen', JSON.stringify(kept)), units);
}

test('a bench kept in grams and millimeters is read in ounces, inches and F without one metric figure', async ({
  page,
}) => {
  await open(page, withoutUnits(START_BENCH), INCHES);
  const found: string[] = [];
  const see = async (where: string) => {
    found.push(...(await foreign(page, where, METRIC_FIGURE)));
  };
  await throughParts(page, see);
  await throughDialogs(page, see);
  expect([...new Set(found)]).toEqual([]);
});

test('a bench laid out in ounces and inches is read in grams, millimeters and C without one inch', async ({
  page,
}) => {
  let id = 0;
  const begun = begunBench(PRACTICES, {
    length: 'in',
    newId: () => `begun-${(id += 1)}`,
    now: START.getTime(),
  });
  await open(page, withoutUnits({ ...EMPTY_CONTENTS, ...begun } as never), METRIC);
  const found: string[] = [];
  const see = async (where: string) => {
    found.push(...(await foreign(page, where, INCH_FIGURE)));
  };
  await throughParts(page, see);
  await throughDialogs(page, see);
  expect([...new Set(found)]).toEqual([]);
});
