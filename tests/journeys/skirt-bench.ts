import { expect, type Locator, type Page } from '@playwright/test';
import type { BenchContents, BenchFile } from '../../src/records/bench-file';
import type { Skirt } from '../../src/records/skirt';
import { chooseFile, closeDialog, openBenchMenu, openStation, readBench, replaceBench } from './bench-page';

type Part = 'Recipe' | 'Board' | 'Tie' | 'Order' | 'Materials';

/** A part of the skirt station. */
export async function turnTo(page: Page, part: Part): Promise<void> {
  await page.getByRole('radiogroup', { name: 'What to do' }).getByText(part, { exact: true }).click();
}

/** Opens the skirt station on the demo bench as `change` makes it. */
export async function openSkirt(
  page: Page,
  change: (contents: BenchContents) => Partial<BenchContents>,
): Promise<BenchFile> {
  await openStation(page, 'skirt');
  const file = await readBench(page);
  const contents = { ...file.contents, ...change(file.contents), acts: [] };
  await openBenchMenu(page);
  await chooseFile(page, 'skirt.json', JSON.stringify({ ...file, contents }));
  await replaceBench(page);
  await closeDialog(page);
  await page.reload();
  return { ...file, contents };
}

interface TabLayer {
  readonly binId: string;
  readonly strands: number;
  readonly isForward?: boolean;
}

/** A recipe of layers all round and of one length, on a bare head; the only one on the board. */
export function plainSkirt(contents: BenchContents, layers: readonly TabLayer[]): Partial<BenchContents> {
  const [like] = contents.skirts;
  if (!like) throw new Error('the demo has no skirts');
  const skirt: Skirt = {
    ...like,
    id: 'skirt-plain',
    family: 'plain',
    version: 1,
    name: 'Plain',
    layers: layers.map(({ binId, strands, isForward = true }, index) => ({
      ...{ id: `plain-${index}`, binId, amount: { by: 'strands', strands }, place: { at: 'round' } },
      ...{ lengthMm: 60, isShort: false, isForward },
    })),
    hold: 'wire',
    collar: { binId: null, diameterMm: 6, atShare: 0.33, headSideMm: 0 },
    shownOn: { ...like.shownOn, coatId: null, guardBinId: null, rattleBinId: null, trailerBinId: null },
  };
  return {
    skirts: [skirt],
    tyings: [],
    waterNotes: [],
    builds: [],
    buildings: [],
    tickets: contents.tickets.map((ticket) => ({
      ...ticket,
      lines: ticket.lines.map((line) => ({ ...line, skirtId: null })),
    })),
  };
}

/** Drags a thing onto another by mouse, in steps as a hand does. */
export async function dragOnto(page: Page, what: Locator, onto: Locator): Promise<void> {
  const [from, to] = [await what.boundingBox(), await onto.boundingBox()];
  if (!from || !to) throw new Error('both are on the page');
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2);
  await page.mouse.down();
  const steps = 12;
  for (let step = 1; step <= steps; step += 1) {
    await page.mouse.move(
      from.x + from.width / 2 + ((to.x + to.width / 2 - from.x - from.width / 2) * step) / steps,
      from.y + from.height / 2 + ((to.y + to.height / 2 - from.y - from.height / 2) * step) / steps,
    );
  }
  await page.mouse.up();
}

/** What the share bar of this name says, by color. */
export async function sharesOf(page: Page, name: string): Promise<Map<string, number>> {
  const bar = page.getByRole('list', { name });
  await expect(bar).toBeVisible();
  const said = await bar
    .getByRole('listitem')
    .evaluateAll((items) => items.map((item) => item.getAttribute('aria-label') ?? ''));
  return new Map(
    said.map((text) => {
      const [, color = '', percent = ''] = /^(.*) ([\d.]+) %$/.exec(text) ?? [];
      return [color, Number(percent) / 100];
    }),
  );
}
