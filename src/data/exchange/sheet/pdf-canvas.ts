import type { PDFFont, PDFPage, RGB } from 'pdf-lib';

/** Points to the millimeter. */
const MM = 72 / 25.4;
export const A4_MM = [210, 297] as const;
export const MARGIN_MM = 15;
const INK = '#24262b';
export const QUIET = '#5c6973';

export interface SheetFonts {
  readonly regular: Uint8Array;
  readonly bold: Uint8Array;
}

/** A canvas over a page of a PDF, in mm from the top left. */
export class PdfCanvas {
  readonly #page: PDFPage;
  readonly #heightMm: number;
  readonly #colorOf: (hex: string) => RGB;

  constructor(page: PDFPage, heightMm: number, colorOf: (hex: string) => RGB) {
    this.#page = page;
    this.#heightMm = heightMm;
    this.#colorOf = colorOf;
  }

  text(text: string, xMm: number, yMm: number, font: PDFFont, size: number, hex = INK): void {
    const color = this.#colorOf(hex);
    this.#page.drawText(text, { x: xMm * MM, y: (this.#heightMm - yMm) * MM, font, size, color });
  }

  line(fromMm: readonly [number, number], toMm: readonly [number, number]): void {
    const at = ([x, y]: readonly [number, number]) => ({ x: x * MM, y: (this.#heightMm - y) * MM });
    const color = this.#colorOf(INK);
    this.#page.drawLine({ start: at(fromMm), end: at(toMm), thickness: 0.25 * MM, color });
  }

  /** A bar of so many mm with a stroke at each place, to check a print of true size by; its words are the caller's. */
  bar(xMm: number, yMm: number, lengthMm: number, strokesAtMm: readonly number[]): void {
    this.line([xMm, yMm], [xMm + lengthMm, yMm]);
    for (const at of strokesAtMm) this.line([xMm + at, yMm - 2], [xMm + at, yMm + 2]);
  }

  /** A closed path in mm filled with a color, its origin laid at a place on the sheet, drawn so many times its size. */
  fill(path: string, xMm: number, yMm: number, hex: string, times = 1): void {
    this.#page.drawSvgPath(path, {
      x: xMm * MM,
      y: (this.#heightMm - yMm) * MM,
      scale: MM * times,
      color: this.#colorOf(hex),
    });
  }

  /** A path in mm, its origin laid at a place on the sheet, drawn so many times its size. */
  path(path: string, xMm: number, yMm: number, times = 1): void {
    this.#page.drawSvgPath(path, {
      x: xMm * MM,
      y: (this.#heightMm - yMm) * MM,
      scale: MM * times,
      borderWidth: 0.25,
      borderColor: this.#colorOf(INK),
    });
  }
}

/**
 * A new document to print, in the two weights of the app's own type.
 *
 * @example const { addPage } = await openSheet('Run 15', fonts); addPage(210, 297).text('Run 15', 15, 20, bold, 18)
 */
export async function openSheet(title: string, fonts: SheetFonts) {
  // Over a megabyte that takes a tenth of a second to start: fetched when something is printed, not with every page.
  const [{ PDFDocument, rgb }, { default: fontkit }] = await Promise.all([
    import('pdf-lib'),
    import('@pdf-lib/fontkit'),
  ]);
  const colorOf = (hex: string) => {
    const [r = 0, g = 0, b = 0] = [1, 3, 5].map((at) => Number.parseInt(hex.slice(at, at + 2), 16) / 255);
    return rgb(r, g, b);
  };
  const document = await PDFDocument.create();
  document.registerFontkit(fontkit);
  document.setTitle(title);
  return {
    document,
    regular: await document.embedFont(fonts.regular, { subset: true }),
    bold: await document.embedFont(fonts.bold, { subset: true }),
    addPage: (widthMm: number, heightMm: number) =>
      new PdfCanvas(document.addPage([widthMm * MM, heightMm * MM]), heightMm, colorOf),
  };
}

/** Text in lines no wider than so many mm. */
export function wrapText(text: string, font: PDFFont, size: number, widthMm: number): string[] {
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
