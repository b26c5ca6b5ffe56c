import fontkit from '@pdf-lib/fontkit';
import { PDFDocument, rgb, type PDFFont, type PDFPage } from 'pdf-lib';
import { CHECK_BAR_MM, type Plate } from './plate';

/** Points to the millimeter. */
const MM = 72 / 25.4;
const A4 = [210, 297] as const;
const MARGIN_MM = 15;
const GAP_MM = 10;
const INK = rgb(0.14, 0.15, 0.17);
const QUIET = rgb(0.36, 0.41, 0.45);

export interface PlateFonts {
  readonly regular: Uint8Array;
  readonly bold: Uint8Array;
}

/** A pen on a page, in mm from the top left. */
class SheetPen {
  readonly #page: PDFPage;
  readonly #heightMm: number;

  constructor(page: PDFPage, heightMm: number) {
    this.#page = page;
    this.#heightMm = heightMm;
  }

  text(text: string, xMm: number, yMm: number, font: PDFFont, size: number, color = INK): void {
    this.#page.drawText(text, { x: xMm * MM, y: (this.#heightMm - yMm) * MM, font, size, color });
  }

  line(fromMm: readonly [number, number], toMm: readonly [number, number]): void {
    const at = ([x, y]: readonly [number, number]) => ({ x: x * MM, y: (this.#heightMm - y) * MM });
    this.#page.drawLine({ start: at(fromMm), end: at(toMm), thickness: 0.25 * MM, color: INK });
  }

  /** A path in mm, its origin laid at a place on the sheet, not scaled. */
  path(path: string, xMm: number, yMm: number): void {
    this.#page.drawSvgPath(path, {
      x: xMm * MM,
      y: (this.#heightMm - yMm) * MM,
      scale: MM,
      borderWidth: 0.25,
      borderColor: INK,
    });
  }
}

/**
 * A plate as a PDF of true size: one millimeter of the drawing is one millimeter of the sheet, which is A4 or as much
 * larger as the drawing needs. With a bar of 100 mm to check the print by.
 *
 * @example (await platePdf(plate, fonts)).length > 1000 // true
 */
export async function platePdf(plate: Plate, fonts: PlateFonts): Promise<Uint8Array<ArrayBuffer>> {
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  const [regular, bold] = [
    await document.embedFont(fonts.regular, { subset: true }),
    await document.embedFont(fonts.bold, { subset: true }),
  ];
  document.setTitle(plate.title);
  const viewsMm = plate.views.reduce((total, { boxMm }) => total + boxMm[2] + GAP_MM, -GAP_MM);
  const highMm = Math.max(...plate.views.map(({ boxMm }) => boxMm[3]));
  const lines = plate.steps.flatMap((step, index) => wrap(`${index + 1}. ${step}`, regular, 10, 178));
  const width = Math.max(A4[0], viewsMm + 2 * MARGIN_MM);
  const height = Math.max(A4[1], highMm + 110 + 5 * (lines.length + plate.facts.length));
  const pen = new SheetPen(document.addPage([width * MM, height * MM]), height);

  pen.text(plate.title, MARGIN_MM, 22, bold, 18);
  pen.text(plate.subtitle, MARGIN_MM, 29, regular, 10, QUIET);
  const top = 40;
  let x = MARGIN_MM;
  for (const { paths, boxMm, caption } of plate.views) {
    for (const path of paths) pen.path(path, x - boxMm[0], top - boxMm[1]);
    pen.text(caption, x, top + highMm + 6, regular, 9, QUIET);
    x += boxMm[2] + GAP_MM;
  }
  const barY = top + highMm + 16;
  pen.line([MARGIN_MM, barY], [MARGIN_MM + CHECK_BAR_MM, barY]);
  for (const at of [0, CHECK_BAR_MM / 2, CHECK_BAR_MM]) {
    pen.line([MARGIN_MM + at, barY - 2], [MARGIN_MM + at, barY + 2]);
  }
  pen.text(
    `This bar is ${CHECK_BAR_MM} mm. If it is not, print at 100 %, without fitting.`,
    MARGIN_MM,
    barY + 7,
    regular,
    9,
  );

  let y = barY + 18;
  for (const [name, value] of plate.facts) {
    pen.text(name, MARGIN_MM, y, regular, 10, QUIET);
    pen.text(value, MARGIN_MM + 55, y, bold, 10);
    y += 5.5;
  }
  y += 4;
  for (const line of lines) {
    pen.text(line, MARGIN_MM, y, regular, 10);
    y += 5;
  }
  y += 3;
  for (const line of wrap(plate.caution, regular, 9, 178)) {
    pen.text(line, MARGIN_MM, y, regular, 9, QUIET);
    y += 4.5;
  }
  const saved = await document.save({ useObjectStreams: false });
  return new Uint8Array(saved);
}

function wrap(text: string, font: PDFFont, size: number, widthMm: number): string[] {
  const lines: string[] = [];
  let line = '';
  for (const word of text.split(' ')) {
    const longer = line === '' ? word : `${line} ${word}`;
    if (line !== '' && font.widthOfTextAtSize(longer, size) > widthMm * MM) {
      lines.push(line);
      line = word;
    } else line = longer;
  }
  return [...lines, line];
}
