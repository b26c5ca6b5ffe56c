import { materialOf, skirtMassOf } from '@/model/skirts/skirt-facts';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { Skirt } from '@/records/skirt';
import type { MassUnit } from '@/core/units/write-mass';
import { massText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

/** What a skirt weighs: its layers, each by what was weighed of its material. */
export function skirtWeightWorking(
  recipe: Pick<Skirt, 'layers'>,
  view: Pick<BenchFacts, 'binById'>,
  mass: MassUnit,
): Working {
  return {
    title: 'A skirt’s weight',
    steps: [
      'layer by layer, what it takes of its material times what that weighs',
      ...recipe.layers.flatMap((layer) => {
        const material = materialOf(layer, view);
        const layerG = skirtMassOf({ layers: [layer] }, view);
        return material && layerG !== null ? [`${material.name}: ${massText(layerG, mass)}`] : [];
      }),
    ],
    inputs: [{ name: 'weights of materials', value: 'as they lie on the shelf', basis: 'given' }],
  };
}
