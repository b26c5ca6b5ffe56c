import { openFlow } from './page-flow';
import type { SheetFonts } from './pdf-canvas';

export interface WeekSheet {
  readonly title: string;
  readonly from: string;
  readonly sittings: readonly {
    readonly title: string;
    readonly says: string;
    readonly rows: readonly { readonly at: string; readonly says: string }[];
  }[];
}

const [ROW_MM, TEXT_MM] = [12, 8];

/**
 * The sittings of a week as PDF on A4: each with what is done in it, in its order, and a box to tick.
 *
 * @example (await weekSheetPdf(week, fonts)).length > 1000 // true
 */
export async function weekSheetPdf(week: WeekSheet, fonts: SheetFonts): Promise<Uint8Array<ArrayBuffer>> {
  const flow = await openFlow(week.title, fonts);
  flow.title(week.from);
  for (const { title, says, rows } of week.sittings) {
    flow.heading(`${title}; ${says}`);
    for (const { at, says: what } of rows) {
      flow.keep(ROW_MM);
      flow.box();
      flow.paragraph(`${at}  ${what}`, { indentMm: TEXT_MM });
      flow.skip(1);
    }
  }
  return flow.save();
}
