import type { CavityGroup, PlanMold } from './pour-plan';

/**
 * Sorts a mold's cavities into groups that give the same keys. Cavities that give nothing asked for are left
 * out, unless the mold fills all.
 *
 * @example
 * gatherCavities({ id: 'A', cavities: [['a'], ['b'], ['a']], secondsPerPour: 1, setupSeconds: 0 },
 *   new Map([['a', 1]]))
 * // [{ cavities: [0, 2], keys: ['a'], wantedKeys: ['a'], slots: 2 }]
 */
export function gatherCavities(mold: PlanMold, wanted: ReadonlyMap<string, number>): CavityGroup[] {
  const bySignature = new Map<string, { keys: string[]; cavities: number[] }>();
  mold.cavities.forEach((given, index) => {
    const isWanted = (key: string) => (wanted.get(key) ?? 0) > 0;
    const keys = [...new Set(given)].filter((key) => mold.fillAll || isWanted(key)).sort();
    if (keys.length === 0) return;
    const signature = JSON.stringify(keys);
    const group = bySignature.get(signature) ?? { keys, cavities: [] };
    group.cavities.push(index);
    bySignature.set(signature, group);
  });
  return [...bySignature.values()].map(({ keys, cavities }) => ({
    cavities,
    keys,
    wantedKeys: keys.filter((key) => (wanted.get(key) ?? 0) > 0),
    slots: cavities.length * (mold.copies ?? 1),
  }));
}
