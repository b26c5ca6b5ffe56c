import { FLOW_MM, openFlow } from './page-flow';
import { MARGIN_MM, QUIET, wrapText, type SheetFonts } from './pdf-canvas';

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

const GAP_MM = 8;

/**
 * A recipe's card as PDF on A4: drawn at rest and open at true size where they fit, its layers in tying order, its steps,
 * and what to mind.
 *
 * @example (await skirtCardPdf(card, fonts)).length > 1000 // true
 */
export async function skirtCardPdf(card: SkirtCard, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const flow = await openFlow(card.title, fonts);
  const { regular, bold, heading, paragraph, row, skip } = flow;
  flow.title(card.subtitle);

  const each = (FLOW_MM - GAP_MM * (card.drawings.length - 1)) / Math.max(1, card.drawings.length);
  const times = Math.min(1, ...card.drawings.map(({ box: [, , width] }) => each / width));
  const highest = Math.max(0, ...card.drawings.map(({ box: [, , , height] }) => height * times));
  const shareLines = card.drawings.map(({ shares }) => wrapText(shares, regular, 9, each));
  flow.draw((canvas, y) => {
    for (const [index, { caption, shapes, wire, box }] of card.drawings.entries()) {
      const left = MARGIN_MM + index * (each + GAP_MM);
      canvas.text(caption, left, y, bold, 10);
      const [x0, y0, , height] = box;
      const [at, top] = [left - x0 * times, y + 4 + (highest - height * times) / 2 - y0 * times];
      for (const { path, hex } of shapes) canvas.fill(path, at, top, hex, times);
      if (wire) canvas.path(wire.path, at + wire.xMm * times, top, times);
      shareLines[index]?.forEach((line, nth) =>
        canvas.text(line, left, y + 8 + highest + nth * 4.5, regular, 9, QUIET),
      );
    }
  });
  skip(highest + 8 + 4.5 * Math.max(1, ...shareLines.map(({ length }) => length)));
  if (times === 1)
    flow.draw((canvas, y) => canvas.text('drawn at true size', MARGIN_MM, y, regular, 9, QUIET));

  heading('Layers, in tying order');
  for (const [index, layer] of card.layers.entries()) paragraph(`${index + 1}. ${layer}`);
  skip(2);
  for (const [name, value] of card.facts) row(name, value, 46);
  heading('Steps');
  for (const [index, step] of card.steps.entries()) paragraph(`${index + 1}. ${step}`);
  heading('To mind');
  for (const caution of card.cautions) paragraph(caution);
  return flow.save();
}
