import type { Hung, RackGroup, RackLoad, RackSize } from './rack-facts';
import type { RodPattern } from './rod-patterns';

interface CureShare {
  readonly cure: number;
  /** How many heads of each group are cured so. */
  readonly heads: readonly RackGroup[];
  readonly rods: readonly RodPattern[];
  readonly sizes: readonly number[];
  readonly rack: RackSize;
}

/**
 * Hangs the heads of one cure on its rods, light before dark, and the rods on loads. Rods that stay empty are left out.
 *
 * @example hangLoads(share)[0].hung[0] // { key: 'pale belly', rod: 0, slot: 0 }
 */
export function hangLoads({ cure, heads, rods, sizes, rack }: CureShare): RackLoad[] {
  const queues = sizes.map((size) =>
    heads
      .filter(({ slotsEach }) => slotsEach === size)
      .sort((a, b) => a.order - b.order || a.key.localeCompare(b.key))
      .flatMap(({ key, count, order }) => Array.from({ length: count }, () => ({ key, order }))),
  );
  const hungRods: Omit<Hung, 'rod'>[][] = [];
  for (const pattern of rods) {
    const taken = pattern.flatMap((most, sizeAt) =>
      (queues[sizeAt]?.splice(0, most) ?? []).map((head) => ({ ...head, slots: sizes[sizeAt] ?? 1 })),
    );
    let slot = 0;
    const hung = taken
      .sort((a, b) => a.order - b.order || b.slots - a.slots)
      .map(({ key, slots }) => {
        const at = slot;
        slot += slots;
        return { key, slot: at };
      });
    if (hung.length > 0) hungRods.push(hung);
  }
  const loads: RackLoad[] = [];
  for (let at = 0; at < hungRods.length; at += rack.rods) {
    const hung = hungRods
      .slice(at, at + rack.rods)
      .flatMap((rod, index) => rod.map((each) => ({ ...each, rod: index })));
    loads.push({ cure, hung });
  }
  return loads;
}
