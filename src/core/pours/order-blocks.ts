import { compareNames } from '../numeric/compare-names';

export interface OrderedBlock {
  readonly moldId: string;
  /** Metal of its heaviest casting, g. */
  readonly heaviestG: number;
}

/**
 * The order in which blocks are worked: small castings first, while the pot is at its hottest and as the bench
 * warms, large ones after, so that the pot is only ever turned down and no block comes back.
 *
 * @example orderBlocks([{ moldId: 'H', heaviestG: 28 }, { moldId: 'A', heaviestG: 7 }]) // A, H
 */
export function orderBlocks<Block extends OrderedBlock>(blocks: readonly Block[]): Block[] {
  return [...blocks].sort((a, b) => a.heaviestG - b.heaviestG || compareNames(a.moldId, b.moldId));
}
