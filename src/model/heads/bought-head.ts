import type { HeadBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';
import type { HeadOf } from './head-facts';

/**
 * The bought head that a head without a hook of the shelf stands for: of its style and mark, the one of which there is
 * most. Undefined where none was bought.
 */
export function boughtLike(
  { style, nominalG, hookBinId }: Omit<HeadOf, 'metalBinId'>,
  { bins, levels }: Pick<BenchFacts, 'bins' | 'levels'>,
): HeadBin | undefined {
  if (hookBinId !== null) return undefined;
  return bins
    .filter(
      (bin): bin is HeadBin =>
        bin.kind === 'head' && bin.bought !== null && bin.style === style && bin.nominalG === nominalG,
    )
    .sort((a, b) => (levels.get(b.id) ?? 0) - (levels.get(a.id) ?? 0))[0];
}
