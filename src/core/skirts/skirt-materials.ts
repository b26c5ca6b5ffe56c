import { forgivingCeil } from '../numeric/forgiving-ceil';
import { sum } from '../numeric/sum';
import { done, fail, type Outcome } from '../problems/problem';

/** A layer as a recipe takes it: so many tabs (halves and quarters too), or so many strands. */
export type MaterialLayer =
  | { readonly material: string; readonly tabs: number }
  | { readonly material: string; readonly strands: number };

export interface SkirtMaterial {
  readonly material: string;
  readonly strandsEach: number;
  readonly tabsExact: number;
  readonly tabsToPull: number;
  readonly leftoverStrands: number;
}

export interface SkirtMaterials {
  readonly materials: readonly SkirtMaterial[];
  readonly strandsEach: number;
  /** A strand is held in its middle: it has two ends. */
  readonly tipsEach: number;
  readonly tabsEach: number;
}

/**
 * What skirts take: strands a skirt, whole tabs to pull for all of them, and the strands that are left of the last
 * tab. A material in two layers is summed; materials in the order in which they first come.
 *
 * Problem: `skirt.strands-unknown` where a material's strands a tab are not given.
 *
 * @example skirtMaterials([{ material: 'ember', tabs: 0.25 }], { ember: 20 }, 10)
 * // materials: [{ material: 'ember', strandsEach: 5, tabsExact: 2.5, tabsToPull: 3, leftoverStrands: 10 }]
 */
export function skirtMaterials(
  layers: readonly MaterialLayer[],
  strandsPerTab: Readonly<Record<string, number>>,
  skirts: number,
): Outcome<SkirtMaterials> {
  const tabs = new Map<string, number[]>();
  for (const layer of layers) {
    const perTab = Object.hasOwn(strandsPerTab, layer.material) ? strandsPerTab[layer.material] : undefined;
    if (perTab === undefined) {
      return fail('skirt.strands-unknown', { material: layer.material }, ['strandsPerTab', layer.material]);
    }
    const share = 'tabs' in layer ? layer.tabs : layer.strands / perTab;
    tabs.set(layer.material, [...(tabs.get(layer.material) ?? []), share]);
  }
  const materials = [...tabs].map(([material, shares]): SkirtMaterial => {
    const perTab = strandsPerTab[material] ?? 0;
    const tabsEach = sum(shares);
    const tabsExact = skirts * tabsEach;
    const tabsToPull = forgivingCeil(tabsExact);
    return {
      material,
      strandsEach: tabsEach * perTab,
      tabsExact,
      tabsToPull,
      leftoverStrands: Math.max(0, (tabsToPull - tabsExact) * perTab),
    };
  });
  const strandsEach = sum(materials.map((each) => each.strandsEach));
  return done({
    materials,
    strandsEach,
    tipsEach: 2 * strandsEach,
    tabsEach: sum([...tabs.values()].flat()),
  });
}
