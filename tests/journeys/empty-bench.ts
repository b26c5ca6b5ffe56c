import type { Page } from '@playwright/test';
import { usualUnits } from '../../src/core/units/usual-units';
import { EMPTY_CONTENTS } from '../../src/records/bench-file';
import { layOutBench } from '../support/bench-database';
import { BLANK, expect, START } from './bench-test';

/** A bench on which nothing lies. One thing was done on it, so that the made-up bench does not come of itself. */
const EMPTY = {
  ...EMPTY_CONTENTS,
  acts: [
    {
      id: 'first',
      no: 1,
      at: START.getTime(),
      deed: { code: 'told', facts: { text: 'Opened' } },
      changes: [],
      undoes: null,
    },
  ],
};

/** A new user in the United States, before an empty bench, at a page of it. */
export async function openEmpty(page: Page, href: string): Promise<void> {
  await page.goto(BLANK);
  await layOutBench(page, EMPTY as never);
  await page.evaluate(
    (units) => localStorage.setItem('ruvek-screen', JSON.stringify(units)),
    usualUnits('en-US'),
  );
  await page.goto(href);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}
