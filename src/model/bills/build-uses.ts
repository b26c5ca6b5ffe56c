import { tallyByItem } from '@/core/stock/tally-by-item';
import type { HeadBin } from '@/records/bin';
import type { BuildRecord } from '@/records/build';
import type { BenchFacts } from '../bench/bench-facts';

/** What one bait takes of each bin, of line what is cut of it; loose skirts where its heads do not wear one. Heads are chosen when a run begins. */
export function usesOf(
  record: Pick<BuildRecord, 'frameBinId' | 'arm' | 'end' | 'slots' | 'skirtId'>,
): { item: string; qty: number }[] {
  const whole = [
    record.frameBinId,
    ...record.arm.flatMap(({ binId, bladeBinId }) => [binId, bladeBinId]),
    record.end.binId,
    record.end.bladeBinId,
    record.skirtId === null ? null : looseSkirt(record.skirtId),
  ].filter((binId): binId is string => binId !== null);
  const uses = [
    ...whole.map((item) => ({ item, qty: 1 })),
    ...record.slots.map(({ binId, cutMm = 1 }) => ({ item: binId, qty: cutMm })),
  ];
  return [...tallyByItem(uses)].map(([item, qty]) => ({ item, qty }));
}

/**
 * What one bait takes besides a head that is chosen: the wire that the head was cast on and the skirt that it wears are on
 * it already.
 */
export function usesWith(
  record: Parameters<typeof usesOf>[0],
  head: Pick<HeadBin, 'frameBinId' | 'skirtId'> | null,
): { item: string; qty: number }[] {
  const isOn = (item: string) =>
    head !== null &&
    (item === head.frameBinId ||
      (record.skirtId !== null && head.skirtId === record.skirtId && item === looseSkirt(record.skirtId)));
  return usesOf(record).filter(({ item }) => !isOn(item));
}

/** The bin of loose skirts of a recipe's version. */
export function looseSkirt(skirtId: string): string {
  return `loose-${skirtId}`;
}

/** Whether the wire brings its own head. */
export function hasWiredHead(
  record: Pick<BuildRecord, 'frameBinId'>,
  { binById }: Pick<BenchFacts, 'binById'>,
): boolean {
  const frame = record.frameBinId === null ? undefined : binById.get(record.frameBinId);
  return frame?.kind === 'part' && frame.gauge?.sizes.headG !== undefined;
}
