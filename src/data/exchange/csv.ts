import Papa from 'papaparse';
import type { Bin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import type { Run } from '@/records/run';

/** A bin with its figures, as the shelf shows it. */
export interface ShelfRow {
  readonly bin: Bin;
  readonly onHand: number;
  readonly promised: number;
  readonly free: number;
}

/**
 * The shelf as CSV: a row a bin, amounts in the bin's own unit. Text that a spreadsheet would run as a formula
 * is quoted harmless.
 *
 * @example shelfCsv([]) // 'name,kind,place,unit,on hand,promised,free,low at'
 */
export function shelfCsv(rows: readonly ShelfRow[]): string {
  return unparse(
    ['name', 'kind', 'place', 'unit', 'on hand', 'promised', 'free', 'low at'],
    rows.map(({ bin, onHand, promised, free }) => [
      bin.name,
      bin.kind,
      bin.place,
      bin.unit,
      onHand,
      promised,
      free,
      bin.lowAt ?? '',
    ]),
  );
}

/** The runs as CSV: a row a run, masses in g, instants in ISO 8601 UTC. */
export function runsCsv(runs: readonly Run[], bins: readonly Bin[], molds: readonly Mold[]): string {
  const binName = new Map(bins.map((bin) => [bin.id, bin.name]));
  const moldName = new Map(molds.map((mold) => [mold.id, mold.name]));
  const iso = (instant: number | null) => (instant === null ? '' : new Date(instant).toISOString());
  return unparse(
    [
      'run',
      'state',
      'began',
      'ended',
      'metal',
      'blocks',
      'charged g',
      'good',
      'misfilled',
      'good g',
      'rejected g',
      'sprue g',
      'dross g',
      'left in pot g',
    ],
    runs.map((run) => [
      run.no,
      run.state,
      iso(run.startedAt),
      iso(run.endedAt),
      binName.get(run.metalBinId) ?? run.metalBinId,
      run.blocks.map((block) => moldName.get(block.moldId) ?? block.moldId).join(' + '),
      run.chargedG,
      run.booking?.good ?? '',
      run.booking?.misfilled ?? '',
      run.booking?.goodG ?? '',
      run.booking?.rejectedG ?? '',
      run.booking?.sprueG ?? '',
      run.booking?.drossG ?? '',
      run.booking?.potLeftG ?? '',
    ]),
  );
}

function unparse(fields: string[], data: unknown[][]): string {
  return Papa.unparse({ fields, data }, { escapeFormulae: true });
}
