import { spawn } from 'node:child_process';
import { existsSync } from 'node:fs';
import { chromium, type Page } from '@playwright/test';

const PORT = 3297;
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
  ...{ family: null, from: null, name: 'Twelve layers', prey: '', hold: 'wire', counts: {} },
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
  ...{ wrap: null, tails: [], note: '' },
  shownOn: {
    ...{ style: 'round', nominalG: 14, hookBinId: 'hook-3-0', coatId: null },
    ...{ guardBinId: null, rattleBinId: null, trailerBinId: null },
  },
};

const middle = (times: readonly number[]) => times[Math.floor(times.length / 2)] ?? 0;
const late = (times: readonly number[]) => times[Math.floor(times.length * 0.95)] ?? 0;

/** A frame while a skirt of 12 layers and 180 strands follows the slider, beside a frame of an empty page of the same browser. */
export async function benchSkirt(): Promise<string> {
  if (!existsSync('.next/BUILD_ID')) return 'skirt: no build to look at; run `npm run build` first';
  const server = spawn(
    'node',
    ['node_modules/next/dist/bin/next', 'start', '-H', '127.0.0.1', '-p', String(PORT)],
    { env: { ...process.env, RUVEK_BENCH: 'demo' }, stdio: 'ignore' },
  );
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
    args: ['--no-sandbox', '--disable-gpu'],
  });
  try {
    const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
    for (let wait = 0; wait < 60; wait += 1) {
      const isUp = await page.goto(`http://127.0.0.1:${PORT}/api/calc`).catch(() => null);
      if (isUp?.ok()) break;
      await new Promise((resolve) => setTimeout(resolve, 500));
    }
    const empty = await framesOf(page, (frame) => page.mouse.move(100 + (frame % 50), 300));
    await page.addInitScript(
      (recipe) => localStorage.setItem('ruvek-draft-skirt', recipe),
      JSON.stringify(RECIPE),
    );
    await page.goto(`http://127.0.0.1:${PORT}/skirt`);
    const handle = page.getByRole('slider', { name: 'How far it stands open' });
    await handle.waitFor();
    const box = await handle.boundingBox();
    if (!box) throw new Error('the slider is on the page');
    const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
    await page.mouse.move(x, y);
    await page.mouse.down();
    const skirt = await framesOf(page, (frame) => page.mouse.move(x - (frame % 60) * 2, y));
    await page.mouse.up();
    return [
      `skirt following a slider: frame ${middle(skirt).toFixed(1)} ms, 95 of 100 under ${late(skirt).toFixed(1)} ms`,
      `an empty page's: ${middle(empty).toFixed(1)} ms; ratio ${(middle(skirt) / middle(empty)).toFixed(2)}`,
    ].join('; ');
  } finally {
    await browser.close();
    server.kill();
  }
}
