import { CHECK_BAR_MM, CHECK_BAR_WORDS } from '../plate/plate';
import { openSheet, QUIET, wrapText, type SheetFonts, type PdfCanvas } from '../sheet/pdf-canvas';
import { layBoard, PAPERS, SIDE_MM, type Board, type BoardPiece, type PaperId } from './board';

const CROSS_MM = 4;

/**
 * Strips as a PDF of true size on a paper laid sideways: a piece to a row, registration crosses where pieces are laid on each
 * other, a bar of 100 mm on every page.
 *
 * @example (await boardPdf(board, 'letter', fonts)).length > 1000 // true
 */
export async function boardPdf(
  board: Board,
  paper: PaperId,
  fonts: SheetFonts,
): Promise<Uint8Array<ArrayBuffer>> {
  const { wideMm, highMm } = PAPERS[paper];
  const { document, regular, bold, addPage } = await openSheet(board.title, fonts);
  const pieces = layBoard(board, paper);
  const pages = 1 + Math.max(0, ...pieces.map(({ page }) => page));
  for (let page = 0; page < pages; page += 1) {
    const canvas = addPage(wideMm, highMm);
    canvas.text(board.title, SIDE_MM, 16, bold, 15);
    canvas.text(`${board.subtitle}, page ${page + 1} of ${pages}`, SIDE_MM, 23, regular, 9, QUIET);
    for (const piece of pieces.filter((each) => each.page === page)) drawPiece(canvas, board, piece, regular);
    const barY = highMm - 26;
    canvas.bar(SIDE_MM, barY, CHECK_BAR_MM, [0, CHECK_BAR_MM]);
    canvas.text(CHECK_BAR_WORDS, SIDE_MM + CHECK_BAR_MM + 6, barY + 1, regular, 8);
    let y = barY + 8;
    for (const line of board.notes.flatMap((note) => wrapText(note, regular, 8, wideMm - 2 * SIDE_MM))) {
      canvas.text(line, SIDE_MM, y, regular, 8, QUIET);
      y += 3.8;
    }
  }
  return new Uint8Array(await document.save({ useObjectStreams: false }));
}

function drawPiece(
  canvas: PdfCanvas,
  { strips }: Board,
  { strip: index, fromMm, toMm, xMm, yMm, joinsMm }: BoardPiece,
  font: Parameters<PdfCanvas['text']>[3],
): void {
  const strip = strips[index];
  if (!strip) return;
  const half = strip.heightMm / 2;
  const at = (mm: number) => xMm + mm - fromMm;
  const part =
    joinsMm.length > 0 ? `, ${Math.round(fromMm)} to ${Math.round(toMm)} mm: lay cross on cross` : '';
  canvas.text(`${strip.caption}${part}`, xMm, yMm - half - 11, font, 8, QUIET);
  for (const side of [-1, 1]) canvas.line([at(fromMm), yMm + side * half], [at(toMm), yMm + side * half]);
  for (const path of strip.paths) canvas.path(path, at(0), yMm);
  for (const joinMm of joinsMm) {
    for (const side of [-1, 1]) {
      const y = yMm + side * (half + CROSS_MM);
      canvas.line([at(joinMm) - CROSS_MM, y], [at(joinMm) + CROSS_MM, y]);
      canvas.line([at(joinMm), y - CROSS_MM], [at(joinMm), y + CROSS_MM]);
    }
  }
  strip.marks
    .filter((mark) => mark.atMm >= fromMm - 1e-9 && mark.atMm <= toMm + 1e-9)
    .forEach(({ atMm, label, isLong }, nth) => {
      const reach = isLong ? half : half * 0.5;
      canvas.line([at(atMm), yMm - half], [at(atMm), yMm - half + 2 * reach]);
      // Staggered, so that neighbors can both be read.
      canvas.text(label, at(atMm) + 0.8, yMm - half + 3.4 + (nth % 3) * 3.4, font, 7);
    });
}
