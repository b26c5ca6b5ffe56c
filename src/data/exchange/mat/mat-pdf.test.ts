import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { BARS_MM, MARKER_MM, MAT_MARKERS, MAT_MM, PAPERS, type PaperId } from '@/core/mat/mat';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { matPdf } from './mat-pdf';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };

describe.each(['a4', 'letter'] as const)('matPdf on %s', (paper: PaperId) => {
  const { width, height } = PAPERS[paper];

  it('lies in the middle of its paper, a bar of true size along two of its sides', async () => {
    const pdf = await matPdf(paper, FONTS);
    const [, wide, high] =
      /MediaBox \[ 0 0 ([\d.]+) ([\d.]+)/.exec(Buffer.from(pdf).toString('latin1')) ?? [];
    expect((Number(wide) * 25.4) / 72).toBeCloseTo(width, 2);
    expect((Number(high) * 25.4) / 72).toBeCloseTo(height, 2);
    const strokes = strokesOf(pdf);
    const long = (mm: number, axis: 0 | 1) =>
      strokes.filter(
        ({ from, to }) =>
          Math.abs(Math.abs(to[axis] - from[axis]) - mm) < 0.005 &&
          Math.abs(to[1 - axis]! - from[1 - axis]!) < 0.005,
      );
    expect(long(BARS_MM.across, 0)).toHaveLength(1);
    expect(long(BARS_MM.along, 1)).toHaveLength(1);
    const [bar] = long(BARS_MM.across, 0);
    expect(Math.min(bar?.from[0] ?? 0, bar?.to[0] ?? 0)).toBeCloseTo((width - MAT_MM.width) / 2, 2);
  });

  it('has each marker at its place, of its size', async () => {
    const strokes = strokesOf(await matPdf(paper, FONTS));
    const [left, top] = [(width - MAT_MM.width) / 2, (height - MAT_MM.height) / 2];
    for (const { at } of MAT_MARKERS) {
      const [x, y] = [left + at[0], height - top - at[1]];
      const edge = strokes.filter(
        ({ from, to }) =>
          Math.abs(from[1] - y) < 0.01 &&
          Math.abs(to[1] - y) < 0.01 &&
          Math.abs(Math.min(from[0], to[0]) - x) < 0.01 &&
          Math.abs(Math.abs(to[0] - from[0]) - MARKER_MM) < 0.01,
      );
      expect(edge).toHaveLength(1);
    }
  });

  it('leaves room that printers can print on', () => {
    expect((width - MAT_MM.width) / 2 - 5 - 2).toBeGreaterThanOrEqual(5);
    expect((height - MAT_MM.height) / 2).toBeGreaterThanOrEqual(12);
  });
});
