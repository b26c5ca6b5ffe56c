import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { inflateSync } from 'node:zlib';
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

/** Every straight stroke of a PDF's pages, in mm on the sheet, with the transforms that stand over it. */
function strokesOf(pdf: Uint8Array): { from: [number, number]; to: [number, number] }[] {
  const source = Buffer.from(pdf).toString('latin1');
  const strokes: { from: [number, number]; to: [number, number] }[] = [];
  for (const found of source.matchAll(/\/Length (\d+)[^>]*>>\s*stream\r?\n/g)) {
    const start = found.index + found[0].length;
    const raw = pdf.subarray(start, start + Number(found[1]));
    let text: string;
    try {
      text = inflateSync(raw).toString('latin1');
    } catch {
      continue;
    }
    if (!/ cm\n|\bre\b| l\n/.test(text)) continue;
    type Matrix = [number, number, number, number, number, number];
    let matrix: Matrix = [1, 0, 0, 1, 0, 0];
    const stack: Matrix[] = [];
    let at: [number, number] = [0, 0];
    const place = (x: number, y: number): [number, number] => {
      const [a, b, c, d, e, f] = matrix;
      return [((a * x + c * y + e) * 25.4) / 72, ((b * x + d * y + f) * 25.4) / 72];
    };
    for (const line of text.split('\n')) {
      const parts = line.trim().split(/\s+/);
      const operator = parts.at(-1);
      const n = parts.slice(0, -1).map(Number);
      if (operator === 'q') stack.push(matrix);
      if (operator === 'Q') matrix = stack.pop() ?? [1, 0, 0, 1, 0, 0];
      if (operator === 'cm') {
        const [a, b, c, d, e, f] = n as Matrix;
        const [A, B, C, D, E, F] = matrix;
        matrix = [
          a * A + b * C,
          a * B + b * D,
          c * A + d * C,
          c * B + d * D,
          e * A + f * C + E,
          e * B + f * D + F,
        ];
      }
      if (operator === 'm') at = place(n[0]!, n[1]!);
      if (operator === 'l') {
        const to = place(n[0]!, n[1]!);
        strokes.push({ from: at, to });
        at = to;
      }
    }
  }
  return strokes;
}

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
