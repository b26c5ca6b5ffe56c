import type { BenchContents } from '@/records/bench-file';
import { deriveView, type BenchView } from '@/stations/shared/bench-view';

/** A bench as the stations see it, without a run under way. For tests. */
export function viewOf(contents: BenchContents): BenchView {
  const levels = new Map<string, number>();
  for (const { binId, qty } of contents.entries) levels.set(binId, (levels.get(binId) ?? 0) + qty);
  return deriveView({
    ...contents,
    bench: contents.bench[0]!,
    isBare: false,
    levels,
    ticketEntries: contents.entries.filter((entry) => entry.ticketId !== null),
    madeEntries: contents.entries.filter((entry) => entry.kind === 'made' && entry.runId !== null),
    cutEntries: contents.entries.filter((entry) => entry.pieceShare !== null),
    lengthEntries: contents.entries.filter((entry) => entry.lengthId !== null),
    run: null,
    beat: null,
    pours: [],
    undo: null,
    redo: null,
  });
}
