import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { jobSheetPdf, type JobSheet } from './job-sheet';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };

const sheet = (pours: readonly number[]): JobSheet => ({
  title: 'Pour, Lot 14',
  subtitle: 'Made-up bench',
  facts: [['Charge', '1.2 kg']],
  evening: [['0 min', 'Light the pot']],
  pull: [{ place: 'Drawer 1', what: '1 Block A', note: '' }],
  blocks: pours.map((count, index) => ({
    name: `Block ${index}`,
    place: 'Drawer',
    boxes: count,
    each: 'pour',
    lines: ['Pour 1: fill every cavity.'],
  })),
  held: [],
  before: 'Before the pot goes on',
  cautions: ['All is dry.'],
});

describe('jobSheetPdf', () => {
  it('has a box to tick for each pour, each thing to lay out and each caution', async () => {
    const pdf = await jobSheetPdf(sheet([31, 7]), FONTS);
    const short = strokesOf(pdf).filter(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]) < 4.5);
    expect(short).toHaveLength(4 * (31 + 7 + 1 + 1));
    expect((await PDFDocument.load(pdf)).getPageCount()).toBe(1);
  });

  it('runs on over as many sheets as it needs, all of A4, and draws nothing off them', async () => {
    const pdf = await jobSheetPdf(sheet([400, 300, 500, 20, 20, 20, 20, 20]), FONTS);
    const pages = (await PDFDocument.load(pdf)).getPages();
    expect(pages.length).toBeGreaterThan(2);
    for (const page of pages) expect((page.getWidth() * 25.4) / 72).toBeCloseTo(210, 6);
    for (const { from, to } of strokesOf(pdf)) {
      for (const [x, y] of [from, to]) expect(x >= 14 && x <= 196 && y >= 13 && y <= 290).toBe(true);
    }
  });
});
