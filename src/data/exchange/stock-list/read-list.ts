import Papa from 'papaparse';
import {
  readStockRow,
  type KnownBin,
  type ListColumns,
  type ListFileProblem,
  type RowProblem,
  type StockRow,
} from '@/core/stock/list/stock-row';

/** A list as it was written: its heads and its rows. */
export interface RawList {
  readonly heads: readonly string[];
  readonly rows: readonly (readonly string[])[];
}

/** A row that cannot be taken, with its line in the file. */
export interface BadRow {
  readonly line: number;
  readonly cells: readonly string[];
  readonly problems: readonly RowProblem[];
}

export interface ListReading {
  readonly good: readonly StockRow[];
  readonly bad: readonly BadRow[];
}

const LARGEST_LIST_BYTES = 16 * 1024 * 1024;
/** So many rows at a time, then the page has its turn. */
const AT_A_TIME = 400;

/**
 * Reads a CSV of any seller's or one's own: whichever mark stands between its cells, quoted or not.
 *
 * @example parseList('name;qty\nBead;25') // { ok: true, list: { heads: ['name', 'qty'], rows: [['Bead', '25']] } }
 */
export function parseList(
  text: string,
): { readonly ok: true; readonly list: RawList } | { readonly ok: false; readonly problem: ListFileProblem } {
  if (text.length > LARGEST_LIST_BYTES) {
    const problem = { code: 'list.too-large', bytes: text.length, most: LARGEST_LIST_BYTES } as const;
    return { ok: false, problem };
  }
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [heads, ...rows] = data;
  if (!heads || rows.length === 0) return { ok: false, problem: { code: 'list.empty' } };
  if (heads.length < 2) return { ok: false, problem: { code: 'list.one-column' } };
  return { ok: true, list: { heads, rows } };
}

const nextTurn = () => new Promise<void>((resolve) => setTimeout(resolve, 0));

/**
 * Reads every row against the bins that are there, some at a time, so that the page goes on meanwhile.
 *
 * @param onProgress told the share that is read, 0 to 1
 */
export async function readList(
  { rows }: RawList,
  columns: ListColumns,
  bins: readonly KnownBin[],
  onProgress: (share: number) => void = () => undefined,
  signal?: AbortSignal,
): Promise<ListReading> {
  const byName = new Map(bins.map((bin) => [bin.name.toLowerCase(), bin]));
  const good: StockRow[] = [];
  const bad: BadRow[] = [];
  for (let from = 0; from < rows.length; from += AT_A_TIME) {
    if (signal?.aborted) break;
    for (const [nth, cells] of rows.slice(from, from + AT_A_TIME).entries()) {
      const read = readStockRow(cells, columns, byName);
      // The heads stand on line 1.
      if (read.ok) good.push(read.row);
      else bad.push({ line: from + nth + 2, cells, problems: read.problems });
    }
    onProgress(Math.min(1, (from + AT_A_TIME) / rows.length));
    await nextTurn();
  }
  return { good, bad };
}
