import { liesOn, type LaidItem } from '@/core/rigs/lay-rig';
import type { RigItem } from '@/core/rigs/rig';
import { hairShapes, plateShapes, rigShapes, type RigShape } from './rig-shapes';

/**
 * The shapes of a part as it lies on its run or, with the other parts of the run in view, on the one that it lies on: a
 * plate under its body, one hair of two beside the other.
 *
 * @example lyingShapes(plate, 34, run.items)[0]?.is // 'dark'
 */
export function lyingShapes(item: RigItem, longMm: number, parts: readonly LaidItem[]): RigShape[] {
  const { gauge } = item.part;
  const host = parts.find((each) => liesOn(item, each.item))?.item;
  if (host && gauge.as === 'weight') return plateShapes(longMm, host.part.gauge.sizes.diameterMm ?? 20);
  if (gauge.as === 'hair') return hairShapes(longMm, item.atMm ?? 0, hairPart(item, host, parts));
  return rigShapes(gauge, longMm, item.count, item.isTurned);
}

/** Of two hairs one is the back, or the near side, and the other the belly, or the far side. */
function hairPart(item: RigItem, host: RigItem | undefined, parts: readonly LaidItem[]) {
  const second = host ? item : parts.find((each) => liesOn(each.item, item))?.item;
  if (!second) return 'all';
  return second.id === 'beside' ? (host ? 'far' : 'near') : host ? 'lower' : 'upper';
}
