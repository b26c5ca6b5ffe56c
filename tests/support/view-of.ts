import { EMPTY_LEDGER, growLedger } from '@/data/reading/ledger';
import type { BenchContents } from '@/records/bench-file';
import type { MassUnit } from '../../src/core/units/write-mass';
import { benchModel, deriveView } from '../../src/model/bench/bench-model';
import type { BenchView } from '../../src/model/bench/bench-view';

/** A bench as the stations see it, without a run under way. For tests. */
export function viewOf(contents: BenchContents, mass?: MassUnit): BenchView {
  const reading = {
    ...contents,
    ...growLedger(EMPTY_LEDGER, contents.entries),
    bench: contents.bench[0]!,
    isBare: false,
    run: null,
    beat: null,
    pours: [],
    undo: null,
    redo: null,
  };
  return mass === undefined ? deriveView(reading) : benchModel()(reading, mass);
}
