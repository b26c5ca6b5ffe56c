import type { Promised } from '@/core/stock/allot-promises';
import type { BenchFacts } from './bench-facts';

/** The bench as the stations see it: what was read, what follows from it, and what of it is promised. */
export interface BenchView extends BenchFacts {
  /** What is spoken for, by bin. */
  readonly promised: ReadonlyMap<string, number>;
  /** The same ticket by ticket, who is due first before others: what is to be cast, dressed, built and rigged. */
  readonly promises: readonly Promised[];
}
