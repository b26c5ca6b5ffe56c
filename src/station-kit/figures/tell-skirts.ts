import { sum } from '@/core/numeric/sum';
import type { BenchView } from '@/model/bench/bench-view';
import { waterSays } from '@/model/skirts/board';
import { tieable } from '@/model/skirts/run-plan';
import { layersOf, skirtMassOf, tabsOf } from '@/model/skirts/skirt-facts';
import type { Skirt } from '@/records/skirt';
import { numberText } from '@/text/number-text';
import { tabsText } from '@/text/skirt-words';
import { massText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import { givesWorking } from './gives-working';
import { rateWorking } from './rate-working';
import { skirtWeightWorking } from './skirt-weight-working';
import type { Told } from './told';

/** What tells skirts apart, row by row: what it is called, then one cell for each. */
export function tellSkirts(
  skirts: readonly Skirt[],
  view: BenchView,
  { mass }: Pick<ScreenUnits, 'mass'>,
): readonly (readonly [string, readonly Told[]])[] {
  const strands = (skirt: Skirt) => sum(layersOf(skirt, view).map((layer) => layer.strands));
  return [
    ['Tabs', skirts.map((skirt) => ({ text: tabsText(tabsOf(skirt, view)) }))],
    ['Strands', skirts.map((skirt) => ({ text: numberText(strands(skirt), 4) }))],
    ['Layers', skirts.map(({ layers }) => ({ text: String(layers.length) }))],
    [
      'Weighs',
      skirts.map((skirt) => {
        const massG = skirtMassOf(skirt, view);
        return massG === null
          ? { text: 'not weighed' }
          : { text: massText(massG, mass), working: skirtWeightWorking(skirt, view, mass) };
      }),
    ],
    [
      'From the shelf',
      skirts.map((skirt) => {
        const gives = tieable(skirt, view);
        return { text: String(gives.count), working: givesWorking(gives, view, mass) };
      }),
    ],
    ['Fish an hour', skirts.map((skirt) => fishedText(skirt, view))],
  ];
}

function fishedText(skirt: Skirt, view: BenchView): Told {
  const says = waterSays(new Set([skirt.id]), view);
  if (!says) return { text: 'not fished' };
  const { counted, fish, hours, rate } = says;
  const n = (value: number) => numberText(value, 2);
  return {
    text: `${counted === null ? '' : `${n(counted)} as counted; `}${n(rate.perHour)} (${n(rate.low)} to ${n(rate.high)}) with care`,
    working: rateWorking('fish', 1, { count: fish, hours, ...rate }),
  };
}
