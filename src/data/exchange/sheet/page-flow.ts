import type { PDFFont } from 'pdf-lib';
import { A4_MM, MARGIN_MM, openSheet, QUIET, wrapText, type SheetFonts, type PdfCanvas } from './pdf-canvas';

/** Where a page begins under its head, and where it ends, mm from the top. */
const TOP_MM = 22;
const FOOT_MM = A4_MM[1] - MARGIN_MM;
/** From one line to the next, mm. */
const LINE_MM = 5;
const BOX_MM = 4;

/** How wide the lines of a page are, mm. */
export const FLOW_MM = A4_MM[0] - 2 * MARGIN_MM;

interface ParagraphLook {
  readonly indentMm?: number;
  readonly size?: number;
  /** Left out it is ink. */
  readonly hex?: string;
}

/**
 * Sheets of A4 that are written from the top down and run on over as many pages as they need, the later ones under their
 * title: what is written moves on by itself.
 *
 * @example const flow = await openFlow('Run 15', fonts); flow.title('two blocks'); flow.heading('Lay out');
 */
export async function openFlow(title: string, fonts: SheetFonts) {
  const { document, regular, bold, addPage } = await openSheet(title, fonts);
  let canvas: PdfCanvas = addPage(...A4_MM);
  let y = TOP_MM;

  /** Keeps so many mm together: on this page, or on the next. */
  const keep = (needsMm: number): void => {
    if (y + needsMm <= FOOT_MM) return;
    canvas = addPage(...A4_MM);
    y = TOP_MM;
    canvas.text(title, MARGIN_MM, y - 5, regular, 9, QUIET);
  };
  const skip = (mm: number): void => {
    y += mm;
  };
  const rule = (): void => canvas.line([MARGIN_MM, y], [MARGIN_MM + FLOW_MM, y]);
  /** Lines of a text, each kept whole. */
  const paragraph = (text: string, { indentMm = 0, size = 10, hex }: ParagraphLook = {}) => {
    for (const line of wrapText(text, regular, size, FLOW_MM - indentMm)) {
      keep(LINE_MM);
      canvas.text(line, MARGIN_MM + indentMm, y, regular, size, hex);
      y += (LINE_MM * size) / 10;
    }
  };
  return {
    regular,
    bold,
    keep,
    skip,
    rule,
    paragraph,
    /** What is drawn here: on this page, at this height, mm. */
    draw: (draw: (page: PdfCanvas, yMm: number) => void): void => draw(canvas, y),
    /** The head of the first page. */
    title: (...under: readonly string[]): void => {
      canvas.text(title, MARGIN_MM, y, bold, 18);
      y += 7;
      for (const line of under) {
        canvas.text(line, MARGIN_MM, y, regular, 10, QUIET);
        y += LINE_MM;
      }
      y += 3;
    },
    heading: (text: string): void => {
      keep(20);
      y += 8;
      canvas.text(text, MARGIN_MM, y, bold, 12);
      y += 2;
      rule();
      y += LINE_MM;
    },
    /** A name, and what is said of it so far to the right. */
    row: (name: string, text: string, leftMm: number): void => {
      const lines = wrapText(text, regular, 10, FLOW_MM - leftMm);
      keep(lines.length * LINE_MM);
      canvas.text(name, MARGIN_MM, y, regular, 10, QUIET);
      paragraph(text, { indentMm: leftMm });
    },
    /** A box to tick, so far from the left; what is ticked is written beside it. */
    box: (fromLeftMm = 0): void => {
      const [left, top] = [MARGIN_MM + fromLeftMm, y - BOX_MM + 0.7];
      const [right, foot] = [left + BOX_MM, y + 0.7];
      canvas.line([left, top], [right, top]);
      canvas.line([right, top], [right, foot]);
      canvas.line([right, foot], [left, foot]);
      canvas.line([left, foot], [left, top]);
    },
    /** A word that ends so far from the left, mm. */
    toRight: (text: string, endMm: number, font: PDFFont, size: number): void => {
      const wideMm = (font.widthOfTextAtSize(text, size) * 25.4) / 72;
      canvas.text(text, MARGIN_MM + endMm - wideMm, y, font, size);
    },
    save: async (): Promise<Uint8Array<ArrayBuffer>> =>
      new Uint8Array(await document.save({ useObjectStreams: false })),
  };
}
