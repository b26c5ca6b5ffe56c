import { A4_MM, MARGIN_MM, openSheet, QUIET, wrapText, type SheetFonts } from './sheet-pen';

/** A shape of the drawing, mm, with its color. */
export interface CardShape {
  readonly path: string;
  readonly hex: string;
}

export interface CardDrawing {
  readonly caption: string;
  readonly shapes: readonly CardShape[];
  /** The hook's wire, from where the shank begins. */
  readonly wire: { readonly path: string; readonly xMm: number } | null;
  /** x, y, width and height that hold it, mm. */
  readonly box: readonly [number, number, number, number];
  /** What shows, in words: `reed green 56 %`. */
  readonly shares: string;
}

/** A recipe to have on paper by the vise. */
export interface SkirtCard {
  readonly title: string;
  readonly subtitle: string;
  readonly drawings: readonly CardDrawing[];
  readonly layers: readonly string[];
  readonly facts: readonly (readonly [name: string, value: string])[];
  readonly steps: readonly string[];
  readonly cautions: readonly string[];
}

const WIDTH_MM = A4_MM[0] - 2 * MARGIN_MM;
const FOOT_MM = A4_MM[1] - MARGIN_MM;
const GAP_MM = 8;

/**
 * A recipe's card as PDF on A4: drawn at rest and open at true size where they fit, its layers in tying order, its steps,
 * and what to mind.
 *
 * @example (await skirtCardPdf(card, fonts)).length > 1000 // true
 */
export async function skirtCardPdf(card: SkirtCard, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { document, regular, bold, addPage } = await openSheet(card.title, fonts);
  let pen = addPage(...A4_MM);
  let y = 22;
  const room = (needsMm: number) => {
    if (y + needsMm <= FOOT_MM) return;
    pen = addPage(...A4_MM);
    y = 22;
  };
  const paragraph = (text: string, indentMm = 0) => {
    for (const line of wrapText(text, regular, 10, WIDTH_MM - indentMm)) {
      room(5);
      pen.text(line, MARGIN_MM + indentMm, y, regular, 10);
      y += 5;
    }
  };
  const heading = (text: string) => {
    room(18);
    y += 6;
    pen.text(text, MARGIN_MM, y, bold, 12);
    y += 2;
    pen.line([MARGIN_MM, y], [MARGIN_MM + WIDTH_MM, y]);
    y += 6;
  };

  pen.text(card.title, MARGIN_MM, y, bold, 18);
  y += 7;
  pen.text(card.subtitle, MARGIN_MM, y, regular, 10, QUIET);
  y += 6;

  const each = (WIDTH_MM - GAP_MM * (card.drawings.length - 1)) / Math.max(1, card.drawings.length);
  const times = Math.min(1, ...card.drawings.map(({ box: [, , width] }) => each / width));
  const highest = Math.max(0, ...card.drawings.map(({ box: [, , , height] }) => height * times));
  for (const [index, { caption, shapes, wire, box, shares }] of card.drawings.entries()) {
    const left = MARGIN_MM + index * (each + GAP_MM);
    pen.text(caption, left, y, bold, 10);
    const [x0, y0, , height] = box;
    const [at, top] = [left - x0 * times, y + 4 + (highest - height * times) / 2 - y0 * times];
    for (const { path, hex } of shapes) pen.fill(path, at, top, hex, times);
    if (wire) pen.path(wire.path, at + wire.xMm * times, top, times);
    let below = y + 8 + highest;
    for (const line of wrapText(shares, regular, 9, each)) {
      pen.text(line, left, below, regular, 9, QUIET);
      below += 4.5;
    }
  }
  y +=
    highest +
    8 +
    4.5 * Math.max(1, ...card.drawings.map(({ shares }) => wrapText(shares, regular, 9, each).length));
  if (times === 1) pen.text('drawn at true size', MARGIN_MM, y, regular, 9, QUIET);
  y += 3;

  heading('Layers, in tying order');
  for (const [index, layer] of card.layers.entries()) paragraph(`${index + 1}. ${layer}`);
  y += 2;
  for (const [name, value] of card.facts) {
    room(5);
    pen.text(name, MARGIN_MM, y, regular, 10, QUIET);
    pen.text(value, MARGIN_MM + 46, y, regular, 10);
    y += 5;
  }
  heading('Steps');
  for (const [index, step] of card.steps.entries()) paragraph(`${index + 1}. ${step}`);
  heading('To mind');
  for (const caution of card.cautions) paragraph(caution);
  return new Uint8Array(await document.save({ useObjectStreams: false }));
}
