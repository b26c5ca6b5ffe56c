import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { CHECK_BAR_MM, type Plate } from './plate';
import { platePdf } from './plate-pdf';
import { plateSvg } from './plate-svg';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };

const plate: Plate = {
  title: 'Disc 30 g & more',
  subtitle: 'pewter',
  views: [
    { caption: 'section', paths: ['M0 -15L14 -15L14 15L0 15Z'], boxMm: [0, -15, 14, 30] },
    { caption: 'face', paths: ['M-15 0A15 15 0 1 1 15 0A15 15 0 1 1 -15 0Z'], boxMm: [-15, -15, 30, 30] },
  ],
  facts: [['Depth', '5.9 mm']],
  steps: ['Drill it with a flat-bottomed bit, and stop short of the depth that is written here.'],
  caution: 'Hot metal.',
};

describe('platePdf', () => {
  it('is true size: the lengths of the drawing stand on the sheet in millimeters', async () => {
    const strokes = strokesOf(await platePdf(plate, FONTS));
    const lengths = strokes.map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]));
    const has = (mm: number) => lengths.filter((length) => Math.abs(length - mm) < 0.005).length;
    expect(has(CHECK_BAR_MM)).toBe(1);
    // The section of 14 by 30, its closing side drawn or implied.
    expect(has(14)).toBe(2);
    expect(has(30)).toBeGreaterThanOrEqual(1);
  });

  it('grows past A4 for a long drawing instead of shrinking it', async () => {
    const long = {
      ...plate,
      views: [{ caption: 'rod', paths: ['M0 0L400 0'], boxMm: [0, -1, 400, 2] as const }],
    };
    const pdf = await platePdf(long, FONTS);
    const [, width] = /MediaBox \[ 0 0 ([\d.]+)/.exec(Buffer.from(pdf).toString('latin1')) ?? [];
    expect((Number(width) * 25.4) / 72).toBeCloseTo(430, 3);
    expect(strokesOf(pdf).some(({ from, to }) => Math.abs(to[0] - from[0] - 400) < 0.005)).toBe(true);
  });
});

describe('plateSvg', () => {
  it('is in millimeters: width, box and paths agree', () => {
    const svg = plateSvg(plate);
    const [, width, , box] = /width="([\d.]+)mm" height="([\d.]+)mm" viewBox="([^"]+)"/.exec(svg) ?? [];
    expect(Number(width)).toBe(Number(box?.split(' ')[2]));
    expect(svg).toContain('M0 -15L14 -15L14 15L0 15Z');
    expect(svg).toContain(`H${CHECK_BAR_MM}`);
    expect(svg).toContain('Disc 30 g &#38; more');
  });
});
