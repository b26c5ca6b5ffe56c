import { doubtMetal } from '@/core/quality/doubt-metal';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { MetalBin } from '@/records/bin';
import type { BenchFacts } from '../bench/bench-facts';

/** Whether later weighings say that a lot is not what it is called; null where they do not. */
export function doubtOf(
  lot: MetalBin,
  view: Pick<BenchFacts, 'weighings' | 'molds' | 'hooks'>,
): { readonly ratio: number; readonly cavities: number } | null {
  const checks = view.weighings
    .filter(({ metalBinId, calibrates }) => metalBinId === lot.id && !calibrates)
    .flatMap(({ moldId, cavityId, hookBinId, weighedG, count }) => {
      const cavity = view.molds.find(({ id }) => id === moldId)?.cavities.find(({ id }) => id === cavityId);
      const hook = hookBinId === null ? null : (view.hooks.get(hookBinId) ?? null);
      const cast = cavity ? castFromCavity(cavity, lot, hook) : null;
      if (!cast?.ok) return [];
      const { metalG, finishedG } = cast.value;
      return [{ cavityId, weighedMetalG: weighedG / count - (finishedG - metalG), predictedMetalG: metalG }];
    });
  // A cavity is one witness, however often it was weighed.
  const witnesses = [...new Set(checks.map(({ cavityId }) => cavityId))].map((cavityId) => {
    const own = checks.filter((each) => each.cavityId === cavityId);
    const mean = (of: (check: (typeof own)[number]) => number) =>
      own.reduce((total, each) => total + of(each), 0) / own.length;
    return {
      weighedMetalG: mean(({ weighedMetalG }) => weighedMetalG),
      predictedMetalG: mean(({ predictedMetalG }) => predictedMetalG),
    };
  });
  const doubt = doubtMetal(witnesses);
  return doubt?.isDoubtful ? { ratio: doubt.ratio, cavities: witnesses.length } : null;
}
