import type { BenchView } from '@/model/bench/bench-view';

/** The parts of a sort on the shelf, to choose from. */
export function partsOf(sort: string, { bins }: Pick<BenchView, 'bins'>): { value: string; label: string }[] {
  return bins
    .filter((bin) => bin.kind === 'part' && bin.sort === sort)
    .map((bin) => ({ value: bin.id, label: bin.name }));
}
