import { A4_MM, MARGIN_MM, openSheet, QUIET, wrapText, type SheetFonts, type SheetPen } from './sheet-pen';

/** A part of the job: a block as a session pours it, or a rack as it is cured. */
export interface JobBlock {
  readonly name: string;
  readonly place: string;
  /** What is counted off, one box each, and how one is called: `pour`, `head`. */
  readonly boxes: number;
  readonly each: string;
  /** What is cast in which cavity, and settings: a line each. */
  readonly lines: readonly string[];
}

/** A session to have on paper at the bench. */
export interface JobSheet {
  readonly title: string;
  readonly subtitle: string;
  readonly facts: readonly (readonly [name: string, value: string])[];
  readonly evening: readonly (readonly [at: string, what: string])[];
  readonly pull: readonly { readonly place: string; readonly what: string; readonly note: string }[];
  readonly blocks: readonly JobBlock[];
  /** What is not done, and why; the sheet says it first. */
  readonly held: readonly string[];
  /** Over the cautions: `Before the pot goes on`. */
  readonly before: string;
  readonly cautions: readonly string[];
}

const WIDTH_MM = A4_MM[0] - 2 * MARGIN_MM;
const FOOT_MM = A4_MM[1] - MARGIN_MM;
const BOX_MM = 4;
const BOX_STEP_MM = 6;

/**
 * A job sheet as PDF on A4: facts, what is held up, the evening, what to lay out with a box to tick each, and for every
 * block a box for each pour. Runs on over as many sheets as it needs; a block's boxes are never torn from its name.
 *
 * @example (await jobSheetPdf(sheet, fonts)).length > 1000 // true
 */
export async function jobSheetPdf(sheet: JobSheet, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { document, regular, bold, addPage } = await openSheet(sheet.title, fonts);
  let pen: SheetPen = addPage(...A4_MM);
  let y = 22;
  const room = (needsMm: number) => {
    if (y + needsMm <= FOOT_MM) return;
    pen = addPage(...A4_MM);
    y = 22;
    pen.text(sheet.title, MARGIN_MM, y - 5, regular, 9, QUIET);
  };
  const heading = (text: string) => {
    room(20);
    y += 9;
    pen.text(text, MARGIN_MM, y, bold, 12);
    y += 2;
    pen.line([MARGIN_MM, y], [MARGIN_MM + WIDTH_MM, y]);
    y += 5;
  };
  const row = (left: string, right: string, leftMm: number) => {
    const lines = wrapText(right, regular, 10, WIDTH_MM - leftMm);
    room(lines.length * 5);
    pen.text(left, MARGIN_MM, y, regular, 10, QUIET);
    for (const line of lines) {
      pen.text(line, MARGIN_MM + leftMm, y, regular, 10);
      y += 5;
    }
  };
  const box = (xMm: number) => {
    const [left, top, right, foot] = [xMm, y - BOX_MM + 0.7, xMm + BOX_MM, y + 0.7];
    pen.line([left, top], [right, top]);
    pen.line([right, top], [right, foot]);
    pen.line([right, foot], [left, foot]);
    pen.line([left, foot], [left, top]);
  };

  pen.text(sheet.title, MARGIN_MM, y, bold, 18);
  y += 7;
  pen.text(sheet.subtitle, MARGIN_MM, y, regular, 10, QUIET);
  y += 8;
  for (const [name, value] of sheet.facts) row(name, value, 42);

  if (sheet.held.length > 0) heading('Held up');
  for (const why of sheet.held) row('', why, 0);

  heading('The evening');
  for (const [at, what] of sheet.evening) row(at, what, 24);

  heading('Lay out');
  for (const { place, what, note } of sheet.pull) {
    room(5);
    box(MARGIN_MM);
    row('', `${what}${place === '' ? '' : `, ${place}`}${note === '' ? '' : `. ${note}`}`, 8);
  }

  for (const { name, place, boxes, each, lines } of sheet.blocks) {
    const perRow = Math.floor(WIDTH_MM / BOX_STEP_MM);
    const rows = Math.ceil(boxes / perRow);
    room(18 + 5 * lines.length + BOX_STEP_MM * Math.min(rows, 4));
    heading(`${name}, ${boxes} ${boxes === 1 ? each : `${each}s`}${place === '' ? '' : `, ${place}`}`);
    for (const line of lines) row('', line, 0);
    y += 3;
    for (let done = 0; done < boxes; done += perRow) {
      room(BOX_STEP_MM);
      for (let at = 0; at < Math.min(perRow, boxes - done); at += 1) box(MARGIN_MM + at * BOX_STEP_MM);
      y += BOX_STEP_MM;
    }
  }

  heading(sheet.before);
  for (const caution of sheet.cautions) {
    room(5);
    box(MARGIN_MM);
    row('', caution, 8);
  }
  return new Uint8Array(await document.save({ useObjectStreams: false }));
}
