import type { Page } from '@playwright/test';
import { readBenchFile } from '../../src/records/read-bench-file';
import { layOutBench } from '../support/bench-database';
import { hostileBench } from '../support/hostile-bench';
import { STATIONS } from '../support/station-times';
import { BLANK, expect, START_BENCH, test } from './bench-test';

/** `RUVEK_HOSTILE_FILES=500` tries more. */
const FILES = Number(process.env.RUVEK_HOSTILE_FILES ?? 24);
const FROM = Number(process.env.RUVEK_HOSTILE_FROM ?? 1);
/** What stands on a page that is no figure: in its words, its fields, its drawings. */
async function noFigures(page: Page): Promise<string[]> {
  return page.evaluate(() => {
    const bad = /(?<![A-Za-z])(NaN|-?Infinity|undefined)(?![A-Za-z])/;
    const found: string[] = [];
    const text = document.body.innerText;
    const at = bad.exec(text);
    if (at) found.push(`words: ${text.slice(Math.max(0, at.index - 60), at.index + 30)}`);
    for (const field of document.querySelectorAll('input, textarea'))
      if (bad.test((field as HTMLInputElement).value))
        found.push(`field: ${(field as HTMLInputElement).value}`);
    for (const drawn of document.querySelectorAll('svg *, [style]'))
      for (const { name, value } of drawn.attributes)
        if (bad.test(value) && name !== 'aria-label')
          found.push(
            `${drawn.tagName} ${name}: ${value.slice(0, 60)} in ${drawn.closest('[aria-label]')?.getAttribute('aria-label') ?? ''}`,
          );
    return found.slice(0, 4);
  });
}

/** Opens every station on the bench; what is wrong with any of them. */
async function walkStations(page: Page): Promise<string[]> {
  const wrong: string[] = [];
  const onError = (error: Error) => wrong.push(`threw: ${error.message.slice(0, 200)}`);
  page.on('pageerror', onError);
  for (const station of STATIONS) {
    await page.goto(`/${station}`);
    const heading = page.getByRole('heading', { level: 1 }).first();
    await heading.waitFor({ timeout: 60_000 }).catch(() => wrong.push(`${station}: does not open`));
    const said = await heading.textContent({ timeout: 1000 }).catch(() => '');
    if (/stumbled/.test(said ?? '')) {
      wrong.push(`${station}: ${(await page.locator('main').innerText()).slice(0, 200)}`);
    }
    for (const place of await noFigures(page)) wrong.push(`${station}: ${place}`);
  }
  page.off('pageerror', onError);
  return wrong;
}

for (const nth of Array.from({ length: FILES }, (_, index) => FROM + index)) {
  const { text, what } = hostileBench(START_BENCH, nth);
  const reading = readBenchFile(text);
  if (!reading.ok) {
    test(`file ${nth} is refused by the name of its record`, () => {
      expect(reading.problem.code).toBe('file.damaged');
      expect(reading.problem).toHaveProperty('record');
    });
  } else {
    test(`file ${nth} opens at every station`, async ({ page }) => {
      await page.goto(BLANK);
      await layOutBench(page, reading.file.contents);
      expect(await walkStations(page), what.join('\n')).toEqual([]);
    });
  }
}
