import { isBlack, MARKER_MODULES } from '@/core/mat/marker-bits';
import {
  BARS_MM,
  FIELD_MM,
  MARKER_MM,
  MAT_MARKERS,
  MAT_MM,
  PAPERS,
  POUCH_MARKS,
  type PaperId,
} from '@/core/mat/mat';
import { openSheet, QUIET, type PdfCanvas, type SheetFonts } from '../sheet/pdf-canvas';

const BLACK = '#000000';
const WHITE = '#ffffff';
const MODULE_MM = MARKER_MM / MARKER_MODULES;
/** A bar stands so far off the markers, and its strokes so far out to either side. */
const BAR_OFF_MM = 5;
const STROKE_MM = 2;

const boxPath = (x: number, y: number, wide: number, high: number) =>
  `M${x} ${y}L${x + wide} ${y}L${x + wide} ${y + high}L${x} ${y + high}Z`;

const CORNER_MM = 3;

/** The corners of the field. */
const CORNERS = [
  [FIELD_MM.left, FIELD_MM.top, 1, 1],
  [FIELD_MM.right, FIELD_MM.top, -1, 1],
  [FIELD_MM.right, FIELD_MM.bottom, -1, -1],
  [FIELD_MM.left, FIELD_MM.bottom, 1, -1],
]
  .map(
    ([x = 0, y = 0, right = 1, down = 1]) =>
      `M${x} ${y + down * CORNER_MM}L${x} ${y}L${x + right * CORNER_MM} ${y}`,
  )
  .join('');

/**
 * The mat to lay parts on as a PDF of true size: a border of coded markers, a plain field, marks for pouches, and a bar along
 * two of its sides to measure the print by.
 *
 * @example (await matPdf('letter', fonts)).length > 1000 // true
 */
export async function matPdf(paper: PaperId, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { width, height } = PAPERS[paper];
  const { document, regular, bold, addPage } = await openSheet('Measuring mat', fonts);
  const canvas = addPage(width, height);
  const [left, top] = [(width - MAT_MM.width) / 2, (height - MAT_MM.height) / 2];
  for (const { id, at } of MAT_MARKERS) drawMarker(canvas, id, left + at[0], top + at[1]);
  // Corners only: a line all round would be taken for the edge of a part that lies on it.
  canvas.path(CORNERS, left, top);
  for (const [index, [x, y]] of POUCH_MARKS.entries()) {
    canvas.text(String(index + 1), left + x - 1.4, top + y + 2, bold, 15, BLACK);
    canvas.line([left + x, top + y - 6], [left + x, top + y - 4]);
  }
  canvas.text('Measuring mat', left, top - 6, bold, 11);
  canvas.text(
    'Print at 100 %. Lay it flat, parts inside the border and apart, whole mat in the picture.',
    left + 31,
    top - 6,
    regular,
    8,
    QUIET,
  );
  const barY = top + MAT_MM.height + BAR_OFF_MM;
  canvas.bar(left, barY, BARS_MM.across, [0, BARS_MM.across]);
  canvas.text(
    `Across: ${BARS_MM.across} mm. Measure both bars and type them in.`,
    left,
    barY + 5.5,
    regular,
    8,
  );
  const barX = left + MAT_MM.width + BAR_OFF_MM;
  canvas.line([barX, top], [barX, top + BARS_MM.along]);
  for (const y of [0, BARS_MM.along]) {
    canvas.line([barX - STROKE_MM, top + y], [barX + STROKE_MM, top + y]);
  }
  canvas.text(`Along: ${BARS_MM.along} mm`, barX - 16, top + BARS_MM.along + 6, regular, 8);
  return new Uint8Array(await document.save({ useObjectStreams: false }));
}

/** A marker: its black square, and the white of its modules in runs across and down, so that no seam shows between two. */
function drawMarker(canvas: PdfCanvas, id: number, x: number, y: number): void {
  canvas.fill(boxPath(0, 0, MARKER_MM, MARKER_MM), x, y, BLACK);
  const runs = [false, true].flatMap((isDown) =>
    Array.from({ length: MARKER_MODULES }, (_, line) => runsOf(id, line, isDown)).flat(),
  );
  if (runs.length > 0) canvas.fill(runs.join(''), x, y, WHITE);
}

function runsOf(id: number, line: number, isDown: boolean): string[] {
  const isWhite = (at: number) => at < MARKER_MODULES && !isBlack(id, isDown ? at : line, isDown ? line : at);
  const runs: string[] = [];
  for (let at = 0; at < MARKER_MODULES; at += 1) {
    let end = at;
    while (isWhite(end)) end += 1;
    if (end === at) continue;
    const [start, long, aside] = [at * MODULE_MM, (end - at) * MODULE_MM, line * MODULE_MM];
    runs.push(isDown ? boxPath(aside, start, MODULE_MM, long) : boxPath(start, aside, long, MODULE_MM));
    at = end;
  }
  return runs;
}
