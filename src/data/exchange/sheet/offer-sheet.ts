import { FLOW_MM, openFlow } from './page-flow';
import { MARGIN_MM, QUIET, wrapText, type SheetFonts } from './pdf-canvas';

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

/** Where the columns end, mm from the left of the lines. */
const COUNT_MM = 110;
const EACH_MM = 145;

/**
 * A price for an order as PDF on A4: a line a piece, the sum, what goes with it. Runs on over as many sheets as it needs.
 *
 * @example (await offerPdf(offer, fonts)).length > 1000 // true
 */
export async function offerPdf(offer: Offer, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const flow = await openFlow(offer.title, fonts);
  const { regular, bold, toRight, keep, skip, rule } = flow;
  flow.title(`${offer.from}, ${offer.day}`, ...(offer.to === null ? [] : [`for ${offer.to}`]));
  skip(6);
  toRight('count', COUNT_MM, regular, 9);
  toRight('each', EACH_MM, regular, 9);
  toRight('together', FLOW_MM, regular, 9);
  skip(2);
  rule();
  for (const { name, count, each, all } of offer.lines) {
    const words = wrapText(name, regular, 10, COUNT_MM - 18);
    keep(words.length * 5 + 3);
    skip(6);
    toRight(String(count), COUNT_MM, regular, 10);
    toRight(each, EACH_MM, regular, 10);
    toRight(all, FLOW_MM, regular, 10);
    flow.draw((canvas, y) =>
      words.forEach((line, nth) => canvas.text(line, MARGIN_MM, y + nth * 5, regular, 10)),
    );
    skip((words.length - 1) * 5);
  }
  keep(20);
  skip(4);
  rule();
  skip(8);
  flow.draw((canvas, y) => canvas.text('Together', MARGIN_MM, y, bold, 14));
  toRight(offer.total, FLOW_MM, bold, 14);
  skip(10);
  for (const note of offer.notes) flow.paragraph(note, { size: 9, hex: QUIET });
  return flow.save();
}
