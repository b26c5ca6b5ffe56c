import { doubtMetal, type MetalCheck } from '@/core/quality/doubt-metal';
import { embeddedTotals } from '@/core/cavities/embedded-totals';
import { castFromCavity, embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { MetalBin } from '@/records/bin';
import type { BenchView } from './bench-view';

/** Whether later weighings say that a lot is not what it is called; null where they do not. */
export function doubtOf(
  lot: MetalBin,
  view: Pick<BenchView, 'weighings' | 'molds' | 'hooks'>,
): { readonly ratio: number; readonly cavities: number } | null {
  const byCavity = new Map<string, MetalCheck[]>();
  for (const weighing of view.weighings) {
    if (weighing.metalBinId !== lot.id || weighing.calibrates) continue;
    const cavity = view.molds
      .find(({ id }) => id === weighing.moldId)
      ?.cavities.find(({ id }) => id === weighing.cavityId);
    const hook = weighing.hookBinId === null ? null : (view.hooks.get(weighing.hookBinId) ?? null);
    const cast = cavity ? castFromCavity(cavity, lot, hook) : null;
    if (!cavity || !cast?.ok) continue;
    const { staysG } = embeddedTotals(embeddedIn(cavity, hook));
    const check = {
      weighedMetalG: weighing.weighedG / weighing.count - staysG,
      predictedMetalG: cast.value.metalG,
    };
    byCavity.set(cavity.id, [...(byCavity.get(cavity.id) ?? []), check]);
  }
  const doubt = doubtMetal([...byCavity.values()].flat());
  return doubt?.isDoubtful ? { ratio: doubt.ratio, cavities: byCavity.size } : null;
}
