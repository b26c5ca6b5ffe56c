import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { skirtCardPdf, type SkirtCard } from './skirt-card';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };

const card = (widthMm: number, steps: number): SkirtCard => ({
  title: 'Reed perch 3',
  subtitle: 'Made-up bench, ½ × ¼',
  drawings: ['At rest', 'On a stop'].map((caption) => ({
    caption,
    shapes: [
      { path: 'M0 0L10 0L10 5Z', hex: '#5f6f35' },
      { path: 'M0 0C1 1 2 2 3 0Z', hex: '#cc5522' },
    ],
    wire: { path: 'M0 0L30 0A6 6 0 0 0 30 -12', xMm: 4 },
    box: [-2, -20, widthMm, 40],
    shares: 'reed green 76 %, ember fleck 2 %',
  })),
  layers: ['Tab, reed green: 1 tab, all round'],
  facts: [['Held by', 'Collar, tube tool']],
  steps: Array.from(
    { length: steps },
    (_, at) => `Step ${at + 1}: fold in the tab and pull it half through.`,
  ),
  cautions: ['Hook points: cap or clamp them.'],
});

describe('skirtCardPdf', () => {
  it('is one sheet of A4 for a usual recipe, and says so where it is drawn at true size', async () => {
    const [small, large] = [
      await skirtCardPdf(card(80, 10), FONTS),
      await skirtCardPdf(card(120, 10), FONTS),
    ];
    const pages = (await PDFDocument.load(small)).getPages();
    expect(pages).toHaveLength(1);
    expect((pages[0]!.getWidth() * 25.4) / 72).toBeCloseTo(210, 6);
    // The bottom of the triangle is 10 mm long; a drawing of 120 mm goes into 86.
    const bottoms = (pdf: Uint8Array, long: number) =>
      strokesOf(pdf).filter(
        ({ from, to }) => Math.abs(Math.hypot(to[0] - from[0], to[1] - from[1]) - long) < 0.02,
      ).length;
    expect([bottoms(small, 10), bottoms(large, 10)]).toEqual([2, 0]);
    expect(bottoms(large, (10 * 86) / 120)).toBe(2);
    expect((await PDFDocument.load(large)).getTitle()).toBe('Reed perch 3');
  });

  it('runs on over as many sheets as its steps need', async () => {
    const pdf = await skirtCardPdf(card(80, 90), FONTS);
    expect((await PDFDocument.load(pdf)).getPageCount()).toBeGreaterThan(1);
  });
});
