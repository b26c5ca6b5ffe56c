import type { Deed } from '@/core/history/deed';
import type { Beat } from './beat';
import type { Bench } from './bench';
import type { BenchContents, ContentsTable } from './bench-file';
import type { LedgerReading } from './ledger-reading';
import type { Pour, Run } from './run';

/** The run under way. */
export interface RunReading {
  readonly run: Run | null;
  /** Where the blocks of the run stand. */
  readonly beat: Beat | null;
  readonly pours: readonly Pour[];
}

/** What undo and redo would take. */
export interface HistoryReading {
  readonly undo: Deed | null;
  readonly redo: Deed | null;
}

/** Tables that are not read record by record: the ledger, what belongs to the run under way, pictures, the history. */
type ReadOtherwise = 'bench' | 'entries' | 'pours' | 'beats' | 'photos' | 'acts';

/** What is read from the bench: of recipes, builds and rigs every version. */
export type BenchReading = LedgerReading &
  RunReading &
  HistoryReading & {
    readonly [Table in Exclude<ContentsTable, ReadOtherwise>]: readonly BenchContents[Table][number][];
  } & { readonly bench: Bench; readonly isBare: boolean };
