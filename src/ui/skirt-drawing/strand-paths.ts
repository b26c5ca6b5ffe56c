import type { DrawnStrand } from '@/drawing/skirt/drawn-strand';

/** Strands that are painted as one path: one layer, one shade. */
export interface StrandPath {
  readonly layer: number;
  readonly tone: -1 | 0 | 1;
  readonly bodies: string;
  readonly lines: string;
}

/**
 * Strands in painting order put together into as few paths as keep that order: what follows of one layer and shade is
 * one path. Sorted by shade within runs of one layer, where strands lie side by side.
 *
 * @example strandPaths([{ layer: 0, tone: 0, body: 'M0 0Z', line: 'M0 0' }]).length // 1
 */
export function strandPaths(strands: readonly DrawnStrand[]): StrandPath[] {
  const runs: DrawnStrand[][] = [];
  for (const strand of strands) {
    const run = runs.at(-1);
    if (run?.[0]?.layer === strand.layer) run.push(strand);
    else runs.push([strand]);
  }
  return runs.flatMap((run) =>
    ([-1, 0, 1] as const).flatMap((tone): StrandPath[] => {
      const mine = run.filter((strand) => strand.tone === tone);
      const layer = run[0]?.layer;
      if (mine.length === 0 || layer === undefined) return [];
      return [
        {
          layer,
          tone,
          bodies: mine.map(({ body }) => body).join(''),
          lines: mine.map(({ line }) => line).join(''),
        },
      ];
    }),
  );
}
