import { FLOW_MM, openFlow } from './page-flow';
import type { SheetFonts } from './pdf-canvas';

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

const BOX_STEP_MM = 6;

/**
 * A job sheet as PDF on A4: facts, what is held up, the evening, what to lay out with a box to tick each, and for every
 * block a box for each pour. Runs on over as many sheets as it needs; a block's boxes are never torn from its name.
 *
 * @example (await jobSheetPdf(sheet, fonts)).length > 1000 // true
 */
export async function jobSheetPdf(sheet: JobSheet, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const { title, heading, row, box, keep, skip, save } = await openFlow(sheet.title, fonts);
  title(sheet.subtitle);
  for (const [name, value] of sheet.facts) row(name, value, 42);

  if (sheet.held.length > 0) heading('Held up');
  for (const why of sheet.held) row('', why, 0);

  heading('The evening');
  for (const [at, what] of sheet.evening) row(at, what, 24);

  heading('Lay out');
  for (const { place, what, note } of sheet.pull) {
    keep(5);
    box();
    row('', `${what}${place === '' ? '' : `, ${place}`}${note === '' ? '' : `. ${note}`}`, 8);
  }

  for (const { name, place, boxes, each, lines } of sheet.blocks) {
    const perRow = Math.floor(FLOW_MM / BOX_STEP_MM);
    const rows = Math.ceil(boxes / perRow);
    keep(18 + 5 * lines.length + BOX_STEP_MM * Math.min(rows, 4));
    heading(`${name}, ${boxes} ${boxes === 1 ? each : `${each}s`}${place === '' ? '' : `, ${place}`}`);
    for (const line of lines) row('', line, 0);
    skip(3);
    for (let done = 0; done < boxes; done += perRow) {
      keep(BOX_STEP_MM);
      for (let at = 0; at < Math.min(perRow, boxes - done); at += 1) box(at * BOX_STEP_MM);
      skip(BOX_STEP_MM);
    }
  }

  heading(sheet.before);
  for (const caution of sheet.cautions) {
    keep(5);
    box();
    row('', caution, 8);
  }
  return save();
}
