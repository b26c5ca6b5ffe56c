import { EMPTY_LEDGER, growLedger } from '@/data/reading/ledger';
import type { BenchContents } from '@/records/bench-file';
import { deriveView } from '../../src/model/bench/bench-model';
import type { BenchView } from '../../src/model/bench/bench-view';

/** A bench as the stations see it, without a run under way. For tests. */
export function viewOf(contents: BenchContents): BenchView {
  return deriveView({
    ...contents,
    ...growLedger(EMPTY_LEDGER, contents.entries),
    bench: contents.bench[0]!,
    isBare: false,
    run: null,
    beat: null,
    pours: [],
    undo: null,
    redo: null,
  });
}
