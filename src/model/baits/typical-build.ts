import type { BaitKindId } from '@/core/builds/kinds/definition';
import type { KindAndSize } from '../stock/typical-things';
import { asThere, typicalThing } from '../stock/typical-things';
import { USUAL_BAITS } from '@/reference/typical/usual-baits';
import type { BenchView } from '../bench/bench-view';
import type { BuildLike } from './bait-facts';
import { putOn } from './put-on';

/** A head as most of them are, g. */
const USUAL_HEAD_G = 10;
const USUAL_HOOK: KindAndSize = ['jig-hook', '3/0'];

/**
 * A bait of a kind with everything that such a bait usually has, though nothing of it lies on the shelf, and the bench as if
 * it did: for a drawing of what it will be.
 *
 * @example lookOfBuild(...typicalBuild('spinnerbait', view, 'in'))
 */
export function typicalBuild(
  kind: BaitKindId,
  view: BenchView,
  length: 'mm' | 'in',
  besides: readonly KindAndSize[] = [],
): readonly [BuildLike, BenchView] {
  const parts = [...USUAL_BAITS[kind], ...besides].flatMap((each) => {
    const bin = asThere(typicalThing(each, length));
    return bin.kind === 'part' ? [bin] : [];
  });
  const hook = asThere(typicalThing(USUAL_HOOK, length));
  const binById = new Map([...view.binById, ...[hook, ...parts].map((bin) => [bin.id, bin] as const)]);
  const hooks = new Map(view.hooks);
  if (hook.kind === 'hook') hooks.set(hook.id, hook);
  const bare: BuildLike = {
    kind,
    head: { style: 'football', nominalG: USUAL_HEAD_G, hookBinId: hook.id, coatId: null },
    skirtId: null,
    frameBinId: null,
    armMm: null,
    arm: [],
    end: { binId: null, bladeBinId: null },
    slots: [],
    minFreeMm: 3,
    pattern: null,
  };
  const built = parts.reduce((so, bin, nth) => {
    const placed = putOn(so, bin, so.arm.length, `typical-${nth}`, { binById });
    return placed.ok ? placed.draft : so;
  }, bare);
  return [built, { ...view, binById, hooks }];
}
