import { chosenOf } from './judge-rig';
import type { RigFacts } from './kinds/definition';
import type { RigCut } from './cuts-of-rig';
import type { Rig } from './rig';

/**
 * What a kind makes its steps of: the parts at each place and how many, what is cut, lengths as `mm` writes them.
 *
 * @example factsOfRig(rig, cutsOfRig(rig, () => null), (mm) => `${mm} mm`).counts.shot // 24
 */
export function factsOfRig(
  { items, picks, wants }: Rig,
  cut: readonly RigCut[],
  mm: RigFacts['mm'],
): RigFacts {
  const names = Object.fromEntries(Object.entries(chosenOf(items)).map(([place, { name }]) => [place, name]));
  const counts: Record<string, number> = {};
  for (const { place, count } of items) {
    if (place !== null) counts[place] = (counts[place] ?? 0) + count;
  }
  const placeOf = new Map(items.map(({ id, place }) => [id, place]));
  const cuts = cut.map(({ itemId, name, cutMm }) => ({ place: placeOf.get(itemId) ?? null, name, cutMm }));
  return { picks, wants, names, counts, cuts, mm };
}
