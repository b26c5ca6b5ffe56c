import { readFileSync } from 'node:fs';
import { inflateSync } from 'node:zlib';
import { join } from 'node:path';
import { PDFDocument } from 'pdf-lib';
import QRCode from 'qrcode';
import { strokesOf } from '../../../../tests/support/pdf-strokes';
import { bagLabelsPdf, type BagLabel } from './bag-labels';

const font = (weight: number) =>
  readFileSync(
    join(process.cwd(), `node_modules/@fontsource/archivo/files/archivo-latin-${weight}-normal.woff`),
  );
const FONTS = { regular: font(400), bold: font(700) };
const label = (code: string): BagLabel => ({
  title: 'Quay tandem 1',
  lines: ['6 pieces, 21.6 g each', 'Run 4, bag 1 of 1', '26 Nov 2026'],
  code,
  caution: 'Soft plastic: keep from stretchy plastic.',
});

/** How many closed squares are filled on the pages. */
function fills(pdf: Uint8Array): number {
  const source = Buffer.from(pdf).toString('latin1');
  return [...source.matchAll(/\/Length (\d+)[^>]*>>\s*stream\r?\n/g)]
    .map((found) => {
      try {
        const start = found.index + found[0].length;
        return inflateSync(pdf.subarray(start, start + Number(found[1]))).toString('latin1');
      } catch {
        return '';
      }
    })
    .reduce((so, text) => so + (text.match(/^h$/gm) ?? []).length, 0);
}

describe('bagLabelsPdf', () => {
  it('frames each label at its size and draws every dark square of its code', async () => {
    const code = 'ruvek:build/build-quay-tandem-1';
    const pdf = await bagLabelsPdf([label(code)], FONTS);
    const long = strokesOf(pdf).map(({ from, to }) => Math.hypot(to[0] - from[0], to[1] - from[1]));
    expect(long.filter((mm) => Math.abs(mm - 62) < 0.01)).toHaveLength(2);
    const dark = QRCode.create(code, { errorCorrectionLevel: 'M' }).modules.data.reduce(
      (so, each) => so + each,
      0,
    );
    expect(fills(pdf)).toBe(dark);
    expect(fills(await bagLabelsPdf([label('ruvek:build/other')], FONTS))).not.toBe(dark);
  });

  it('goes on to another sheet when one is full', async () => {
    const pages = async (count: number) =>
      (
        await PDFDocument.load(
          await bagLabelsPdf(
            Array.from({ length: count }, () => label('x')),
            FONTS,
          ),
        )
      ).getPageCount();
    expect([await pages(1), await pages(21), await pages(22)]).toEqual([1, 1, 2]);
  });
});
