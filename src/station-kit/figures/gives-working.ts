import type { Gives } from '@/model/stock/gives';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { MassUnit } from '@/core/units/write-mass';
import { amountText } from '@/text/words';
import type { Working } from '@/ui/figure/Figure';

const MOST_STEPS = 4;

/** How many the shelf gives: what is free of each part by what one takes; the scarcest ends it. */
export function givesWorking(
  { count, needs }: Gives,
  { binById }: Pick<BenchFacts, 'binById'>,
  mass: MassUnit,
): Working {
  const inUnit = (qty: number, item: string) =>
    amountText(qty, binById.get(item) ?? { unit: 'pieces' }, mass);
  const more = needs.length - MOST_STEPS;
  return {
    title: 'From the shelf',
    steps: [
      ...needs
        .slice(0, MOST_STEPS)
        .map(
          ({ item, name, qty, free }) =>
            `${name}: ${inUnit(Math.max(0, free), item)} ÷ ${inUnit(qty, item)} = ${Math.max(0, Math.floor(free / qty + 1e-9))}`,
        ),
      ...(more > 0 ? [`${more} more parts of which there is more`] : []),
      needs.length === 0 ? 'what it takes is not set yet' : `the scarcest runs out first: ${count}`,
    ],
    inputs: [
      { name: 'free', value: 'on the shelf, less what is promised', basis: 'counted' },
      { name: 'what one takes', value: 'as it is kept', basis: 'given' },
    ],
  };
}
