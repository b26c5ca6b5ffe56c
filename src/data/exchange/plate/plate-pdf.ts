import { A4_MM, MARGIN_MM, openSheet, QUIET, wrapText, type SheetFonts } from '../sheet/pdf-canvas';
import { CHECK_BAR_MM, CHECK_BAR_WORDS, type Plate } from './plate';

const GAP_MM = 10;

/**
 * A plate as a PDF of true size: one millimeter of the drawing is one millimeter of the sheet, which is A4 or as much
 * larger as the drawing needs. With a bar of 100 mm to check the print by.
 *
 * @example (await platePdf(plate, fonts)).length > 1000 // true
 */
export async function platePdf(plate: Plate, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { document, regular, bold, addPage } = await openSheet(plate.title, fonts);
  const viewsMm = plate.views.reduce((total, { boxMm }) => total + boxMm[2] + GAP_MM, -GAP_MM);
  const highMm = Math.max(...plate.views.map(({ boxMm }) => boxMm[3]));
  const lines = plate.steps.flatMap((step, index) => wrapText(`${index + 1}. ${step}`, regular, 10, 178));
  const width = Math.max(A4_MM[0], viewsMm + 2 * MARGIN_MM);
  const height = Math.max(A4_MM[1], highMm + 110 + 5 * (lines.length + plate.facts.length));
  const canvas = addPage(width, height);

  canvas.text(plate.title, MARGIN_MM, 22, bold, 18);
  canvas.text(plate.subtitle, MARGIN_MM, 29, regular, 10, QUIET);
  const top = 40;
  let x = MARGIN_MM;
  for (const { paths, boxMm, caption } of plate.views) {
    for (const path of paths) canvas.path(path, x - boxMm[0], top - boxMm[1]);
    canvas.text(caption, x, top + highMm + 6, regular, 9, QUIET);
    x += boxMm[2] + GAP_MM;
  }
  const barY = top + highMm + 16;
  canvas.bar(MARGIN_MM, barY, CHECK_BAR_MM, [0, CHECK_BAR_MM / 2, CHECK_BAR_MM]);
  canvas.text(CHECK_BAR_WORDS, MARGIN_MM, barY + 7, regular, 9);

  let y = barY + 18;
  for (const [name, value] of plate.facts) {
    canvas.text(name, MARGIN_MM, y, regular, 10, QUIET);
    canvas.text(value, MARGIN_MM + 55, y, bold, 10);
    y += 5.5;
  }
  y += 4;
  for (const line of lines) {
    canvas.text(line, MARGIN_MM, y, regular, 10);
    y += 5;
  }
  y += 3;
  for (const line of wrapText(plate.caution, regular, 9, 178)) {
    canvas.text(line, MARGIN_MM, y, regular, 9, QUIET);
    y += 4.5;
  }
  const saved = await document.save({ useObjectStreams: false });
  return new Uint8Array(saved);
}
