import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Locator, Page } from '@playwright/test';
import sharp from 'sharp';
import { posedScene } from '../../src/core/posed/posed-scenes';
import { takePicture } from '../../src/core/posed/take-picture';
import { writeStl } from '../../src/core/meshes/write-stl';
import { repeatableRandom } from '../../src/core/numeric/repeatable-random';
import { EMPTY_CONTENTS, type BenchContents } from '../../src/records/bench-file';
import type { Skirt } from '../../src/records/skirt';
import { bigBench, bigSession } from './big-bench';
import { bigCutContents } from './big-cut';
import { bigMix, bigMixContents } from './big-mix';
import { preyPicture } from './prey-picture';
import { ballMesh } from './test-meshes';

/** A machine that does much else takes its time. */
const LONG_MS = 240_000;

/** Something large that the page does while it stays free: journeys hold that it is done, `npm run bench` how freely. */
export interface HeavyWork {
  readonly name: string;
  readonly station: string;
  /** The bench it is done on, out of the made-up one. */
  readonly bench: (demo: BenchContents) => BenchContents;
  /** From the open station to just before the work. */
  readonly prepare: (page: Page) => Promise<void>;
  /** The work, to its end. May be done again. */
  readonly work: (page: Page) => Promise<void>;
}

const shown = (what: Locator) => what.waitFor({ timeout: LONG_MS });
const gone = (what: Locator) => what.waitFor({ state: 'detached', timeout: LONG_MS });
const part = (page: Page, name: string) =>
  page.getByRole('radiogroup', { name: 'What to do' }).getByText(name, { exact: true }).click();

async function withFile<T>(name: string, bytes: Uint8Array, use: (path: string) => Promise<T>): Promise<T> {
  const folder = mkdtempSync(join(tmpdir(), 'ruvek-'));
  try {
    const path = join(folder, name);
    writeFileSync(path, bytes);
    return await use(path);
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** A recipe of layers all round and of one length, on a bare head; the only one on the board. */
export function plainSkirt(
  contents: BenchContents,
  layers: readonly { readonly binId: string; readonly strands: number; readonly isForward?: boolean }[],
): Partial<BenchContents> {
  const [like] = contents.skirts;
  if (!like) throw new Error('the demo has no skirts');
  const skirt: Skirt = {
    ...like,
    id: 'skirt-plain',
    family: 'plain',
    version: 1,
    name: 'Plain',
    layers: layers.map(({ binId, strands, isForward = true }, index) => ({
      id: `plain-${index}`,
      binId,
      amount: { by: 'strands', strands },
      place: { at: 'round' },
      lengthMm: 60,
      isShort: false,
      isForward,
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

const cuts: HeavyWork = {
  name: 'two hundred and forty pieces of twelve lengths are cut from five stocks, proven',
  station: 'rig',
  bench: (demo) => ({ ...EMPTY_CONTENTS, bench: demo.bench, ...bigCutContents(14) }),
  prepare: (page) => part(page, 'Run'),
  work: async (page) => {
    await page.getByRole('button', { name: 'Make Twelve lengths 1' }).click();
    const begin = page.getByRole('dialog', { name: /^Make 20 × Twelve lengths 1/ });
    await shown(begin.getByText('Proven: no other way opens less.'));
    await begin.getByRole('button', { name: 'Cancel' }).click();
    await gone(begin);
  },
};

const mix: HeavyWork = {
  name: 'sixty baits over three hundred parts are shared out, proven',
  station: 'build',
  bench: (demo) => ({ ...EMPTY_CONTENTS, bench: demo.bench, ...bigMixContents(bigMix()) }),
  prepare: async (page) => {
    await part(page, 'What now');
    await shown(page.getByText('60 baits, 300 kinds of part.'));
  },
  work: async (page) => {
    const ask = page.getByRole('button', { name: 'What can I make now' });
    await ask.click();
    await shown(page.getByText('proven: this shelf gives nothing worth more.'));
    await page.getByRole('button', { name: 'Cancel' }).click();
    await page.locator('button:enabled').and(ask).waitFor();
  },
};

/** Waits for the proof; a slow machine stops at the page's limit first, and searches on. */
async function untilProven(page: Page): Promise<void> {
  const proven = page.getByText('the shortest possible');
  const searchOn = page.getByRole('button', { name: 'Search on' });
  await shown(proven.or(searchOn));
  if (await searchOn.isVisible()) await searchOn.click();
  await shown(proven);
}

const plan: HeavyWork = {
  name: 'forty lines over twenty-five blocks are planned, proven',
  station: 'pour',
  bench: () => bigBench(bigSession()).contents,
  prepare: async (page) => {
    // The search that begins by itself is called off and begun anew: the same forty lines, a fresh worker.
    await page.getByRole('button', { name: 'Cancel' }).click();
    await shown(page.getByText('The search was canceled.'));
  },
  work: async (page) => {
    await page.getByRole('button', { name: 'Plan again' }).click();
    await untilProven(page);
  },
};

const photo: HeavyWork = {
  name: 'a photo of twelve megapixels gives its colors',
  station: 'coat',
  bench: (demo) => demo,
  prepare: async (page) => {
    await part(page, 'Colors');
    await page.getByRole('button', { name: 'From a photo' }).click();
  },
  work: async (page) => {
    const next = repeatableRandom(8);
    const picture = preyPicture(4000, 3000, () => Math.round((next() - 0.5) * 20));
    const colors = page.getByRole('region', { name: 'Colors of a photo' });
    await withFile('perch.png', picture, async (path) => {
      await colors.locator('input[type=file]').setInputFiles(path);
      await shown(colors.getByRole('list', { name: 'Main colors' }).getByRole('listitem').nth(2));
    });
  },
};

/** The mat as a phone of twelve megapixels takes it. */
async function matPicture(): Promise<Buffer> {
  const scene = posedScene('parts', { width: 1600, height: 1200 }, repeatableRandom(5));
  const { width, height, data } = takePicture(scene);
  return sharp(Buffer.from(data), { raw: { width, height, channels: 4 } })
    .removeAlpha()
    .resize(4000, 3000, { kernel: 'cubic' })
    .jpeg({ quality: 92 })
    .toBuffer();
}

const mat: HeavyWork = {
  name: 'five parts are measured in a picture of twelve megapixels',
  station: 'shelf?part=mat',
  bench: (demo) => demo,
  prepare: (page) => shown(page.getByRole('region', { name: 'Take a picture' })),
  work: async (page) => {
    const picture = await matPicture();
    await withFile('mat.jpg', picture, async (path) => {
      await page
        .getByRole('region', { name: 'Take a picture' })
        .locator('input[type=file]')
        .setInputFiles(path);
      await shown(page.getByRole('progressbar', { name: 'Measuring the picture' }));
      await shown(page.getByRole('group', { name: 'The mat' }).getByRole('button', { name: /, Blade, / }));
    });
  },
};

const STEPS = 40;
const TABS = ['reed-green', 'dusk', 'straw', 'silt-brown', 'kelp', 'frost'];

/** Drags a slider's handle to and fro, a step a frame. */
async function sweep(page: Page, handle: Locator, reachPx: number): Promise<void> {
  const box = await handle.boundingBox();
  if (!box) throw new Error('the slider is on the page');
  const [x, y] = [box.x + box.width / 2, box.y + box.height / 2];
  await page.mouse.move(x, y);
  await page.mouse.down();
  for (let step = 1; step <= STEPS; step += 1) {
    await page.mouse.move(x - reachPx * Math.sin((Math.PI * step) / STEPS), y);
    await page.evaluate(() => new Promise((resolve) => requestAnimationFrame(resolve)));
  }
  await page.mouse.up();
}

const skirt: HeavyWork = {
  name: 'a skirt of 12 layers and 180 strands follows two sliders',
  station: 'skirt',
  bench: (demo) => ({
    ...demo,
    ...plainSkirt(
      demo,
      Array.from({ length: 12 }, (_, nth) => ({ binId: `tab-${TABS[nth % TABS.length]}`, strands: 15 })),
    ),
  }),
  prepare: async (page) => {
    await shown(page.getByRole('region', { name: 'Fullness' }).getByText('9 tabs, 180 strands'));
    const layers = page.getByRole('region', { name: 'Layers, in tying order' });
    await layers.getByRole('button', { expanded: false }).first().click();
  },
  work: async (page) => {
    await sweep(page, page.getByRole('slider', { name: 'How far it stands open' }), 150);
    // The length of a layer changes the layout of all strands, both drawings and what they take.
    await sweep(page, page.getByRole('slider', { name: 'Length of layer 1' }), 50);
  },
};

/** Facets round the ball: 1,002,000 triangles in all. */
const AROUND = 1002;

const stl: HeavyWork = {
  name: 'an STL of a million triangles is read and measured',
  station: 'molds',
  bench: (demo) => demo,
  prepare: async (page) => {
    await page.getByRole('button', { name: 'New cavity' }).click();
    await page.getByRole('button', { name: 'From an STL' }).click();
  },
  work: (page) =>
    withFile('ball.stl', writeStl(ballMesh(10, AROUND), 'a large ball'), async (path) => {
      await page.locator('input[type=file][accept=".stl"]').setInputFiles(path);
      await shown(page.getByText('1,002,000 triangles, 4.188'));
      await shown(page.getByText('Closed all round.'));
      await shown(page.getByRole('list', { name: 'How it lies on the bottom' }));
    }),
};

const MANY_TICKETS = 30;

/** The tickets that have most steps, some times over, each due on another day. */
function manyTickets(demo: BenchContents): BenchContents {
  const like = demo.tickets.filter(
    ({ state, lines }) => state === 'open' && lines.some(({ coatId }) => coatId !== null),
  );
  const tickets = Array.from({ length: MANY_TICKETS }, (_, nth) => {
    const ticket = like[nth % like.length];
    if (!ticket) throw new Error('the demo has no tickets of colored heads');
    const lines = ticket.lines.map((line) => ({ ...line, id: `${line.id}-${nth}` }));
    return { ...ticket, id: `many-${nth}`, no: 100 + nth, title: `${ticket.title} ${nth}`, lines };
  });
  return { ...demo, tickets };
}

const week: HeavyWork = {
  name: 'a week of some three hundred tasks is planned anew',
  station: 'ticket?part=week',
  bench: manyTickets,
  prepare: (page) => shown(page.getByRole('region', { name: 'Next at the bench' })),
  work: async (page) => {
    const day = page.getByRole('region', { name: 'The week' }).getByRole('region').nth(1);
    await day.getByRole('button', { name: /^(Skip this day|As usual)$/ }).click();
    await shown(page.getByText('Planning anew.'));
    await gone(page.getByText('Planning anew.'));
  },
};

export const HEAVY_WORKS: readonly HeavyWork[] = [plan, cuts, mix, photo, mat, skirt, stl, week];
