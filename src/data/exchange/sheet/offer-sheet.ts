import { A4_MM, MARGIN_MM, openSheet, QUIET, wrapText, type SheetFonts, type SheetPen } from './sheet-pen';

export interface OfferLine {
  readonly name: string;
  readonly count: number;
  /** As it is written, with the sign of money. */
  readonly each: string;
  readonly all: string;
}

export interface Offer {
  readonly title: string;
  /** Who makes it, and for whom. */
  readonly from: string;
  readonly to: string | null;
  readonly day: string;
  readonly lines: readonly OfferLine[];
  readonly total: string;
  /** Under the sum: how long it stands, what is not in it. */
  readonly notes: readonly string[];
}

const RIGHT_MM = A4_MM[0] - MARGIN_MM;
const FOOT_MM = A4_MM[1] - MARGIN_MM;
const COUNT_MM = 125;
const EACH_MM = 160;
const POINT_MM = 25.4 / 72;

/**
 * A price for an order as PDF on A4: a line a piece, the sum, what goes with it. Runs on over as many sheets as it needs.
 *
 * @example (await offerPdf(offer, fonts)).length > 1000 // true
 */
export async function offerPdf(offer: Offer, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { document, regular, bold, addPage } = await openSheet(offer.title, fonts);
  let pen: SheetPen = addPage(...A4_MM);
  let y = 26;
  const toRight = (text: string, rightMm: number, at: number, font: typeof regular, size: number) => {
    pen.text(text, rightMm - font.widthOfTextAtSize(text, size) * POINT_MM, at, font, size);
  };
  const room = (needsMm: number) => {
    if (y + needsMm <= FOOT_MM) return;
    pen = addPage(...A4_MM);
    y = 26;
  };
  pen.text(offer.title, MARGIN_MM, y, bold, 22);
  y += 8;
  pen.text(`${offer.from}, ${offer.day}`, MARGIN_MM, y, regular, 10, QUIET);
  if (offer.to !== null) {
    y += 5;
    pen.text(`for ${offer.to}`, MARGIN_MM, y, regular, 10, QUIET);
  }
  y += 12;
  toRight('count', COUNT_MM, y, regular, 9);
  toRight('each', EACH_MM, y, regular, 9);
  toRight('together', RIGHT_MM, y, regular, 9);
  y += 2;
  pen.line([MARGIN_MM, y], [RIGHT_MM, y]);
  for (const { name, count, each, all } of offer.lines) {
    const words = wrapText(name, regular, 10, COUNT_MM - MARGIN_MM - 18);
    room(words.length * 5 + 3);
    y += 6;
    toRight(String(count), COUNT_MM, y, regular, 10);
    toRight(each, EACH_MM, y, regular, 10);
    toRight(all, RIGHT_MM, y, regular, 10);
    words.forEach((line, nth) => pen.text(line, MARGIN_MM, y + nth * 5, regular, 10));
    y += (words.length - 1) * 5;
  }
  room(20);
  y += 4;
  pen.line([MARGIN_MM, y], [RIGHT_MM, y]);
  y += 8;
  pen.text('Together', MARGIN_MM, y, bold, 14);
  toRight(offer.total, RIGHT_MM, y, bold, 14);
  y += 10;
  for (const note of offer.notes) {
    for (const line of wrapText(note, regular, 9, RIGHT_MM - MARGIN_MM)) {
      room(6);
      pen.text(line, MARGIN_MM, y, regular, 9, QUIET);
      y += 4.5;
    }
  }
  return new Uint8Array(await document.save());
}
