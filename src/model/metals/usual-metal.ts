import type { MetalBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';

/**
 * The lot there is most of: what is poured where nobody said of what. Undefined on a bench without metal.
 *
 * @example usualMetal(view)?.name // 'Lot 14, hard lead'
 */
export function usualMetal({ metals, levels }: Pick<BenchFacts, 'metals' | 'levels'>): MetalBin | undefined {
  const [most] = [...metals].sort((a, b) => (levels.get(b.id) ?? 0) - (levels.get(a.id) ?? 0));
  return most;
}
