import type { Browser, Page } from '@playwright/test';
import { EMPTY, freshPage } from './browser';

const FRAMES = 120;

/** The times between frames while `step` is done before each, ms, sorted. */
async function framesOf(page: Page, step: (frame: number) => Promise<void>): Promise<number[]> {
  const times: number[] = [];
  for (let frame = 0; frame < FRAMES; frame += 1) {
    await step(frame);
    times.push(
      await page.evaluate(
        () =>
          new Promise<number>((resolve) => {
            requestAnimationFrame((first) => requestAnimationFrame((second) => resolve(second - first)));
          }),
      ),
    );
  }
  return times.sort((a, b) => a - b);
}

const TABS = ['reed-green', 'dusk', 'straw', 'silt-brown', 'kelp', 'frost'];

/** A recipe of 12 layers and 180 strands, half made, as the page keeps it on this screen. */
const RECIPE = {
  family: null,
  from: null,
  name: 'Twelve layers',
  prey: '',
  hold: 'wire',
  counts: {},
  layers: Array.from({ length: 12 }, (_, index) => ({
    id: `layer-${index}`,
    binId: `tab-${TABS[index % TABS.length]}`,
    amount: { by: 'strands', strands: 15 },
    place: { at: 'round' },
    lengthMm: 60,
    isShort: false,
    isForward: true,
  })),
  collar: { binId: null, diameterMm: 6, atShare: 0.33, headSideMm: 7 },
  wrap: null,
  tails: [],
  note: '',
  shownOn: {
    style: 'round',
    nominalG: 14,
    hookBinId: 'hook-3-0',
    coatId: null,
    guardBinId: null,
    rattleBinId: null,
    trailerBinId: null,
  },
};

const middle = (times: readonly number[]) => times[Math.floor(times.length / 2)] ?? 0;
const late = (times: readonly number[]) => times[Math.floor(times.length * 0.95)] ?? 0;

/** A frame while a skirt of 12 layers and 180 strands follows the slider, beside a frame of an empty page of the same browser. */
export async function* benchSkirt(browser: Browser): AsyncGenerator<string> {
  const page = await freshPage(browser);
  await page.goto(EMPTY);
  const empty = await framesOf(page, (frame) => page.mouse.move(100 + (frame % 50), 300));
  await page.addInitScript(
    (recipe) => localStorage.setItem('ruvek-draft-skirt', recipe),
    JSON.stringify(RECIPE),
  );
  await page.goto('/skirt');
  const handle = page.getByRole('slider', { name: 'How far it stands open' });
  await handle.waitFor();
  const box = await handle.boundingBox();
  if (!box) throw new Error('the slider is on the page');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  const skirt = await framesOf(page, (frame) => page.mouse.move(x - (frame % 60) * 2, y));
  await page.mouse.up();
  yield [
    `skirt following a slider: frame ${middle(skirt).toFixed(1)} ms, 95 of 100 under ${late(skirt).toFixed(1)} ms`,
    `an empty page's: ${middle(empty).toFixed(1)} ms; ratio ${(middle(skirt) / middle(empty)).toFixed(2)}`,
  ].join('; ');
}
