import { SOLIDUS_MARGIN_C } from '@/core/coats/check-cure';
import { temperatureText } from '@/text/words';
import type { MeltingRange } from '@/core/metals/melting-range';
import { compositionText, traceText } from '@/model/metals/alloys';
import type { MetalBin } from '@/records/bin';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { MassUnit } from '@/core/units/write-mass';
import { moneyText } from '@/model/cost/cost-slices';
import { bulkOf } from '@/text/one-of';
import { lotText, massText } from '@/text/words';
import { sum } from '@/core/numeric/sum';
import { numberText } from '@/text/number-text';
import { meltsText } from '@/text/quantity-text';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** From where on a lot melts, and why. */
export function meltsWorking(
  range: MeltingRange,
  is: string,
  temperature: ScreenUnits['temperature'],
): Working {
  return {
    title: 'Melts',
    steps: [
      `${is}: ${meltsText(range, temperature)}${traceText(range)}`,
      'the lowest at which any two or three of its metals meet as a first liquid, unless so little of one is in it that lead holds it; the top of the nearest alloy that is listed',
    ],
    inputs: [
      { name: 'composition', value: is, basis: 'given' },
      { name: 'melting points and first liquids', value: 'handbooks', basis: 'reference' },
    ],
  };
}

/** How much a lot draws in, or swells, as it freezes and cools. */
export function shrinkWorking({ name, shrinkLinear, shrinkBasis }: MetalBin): Working {
  const percent = numberText(Math.abs(shrinkLinear) * 100, 2);
  return {
    title: shrinkLinear < 0 ? 'Swells' : 'Shrinks',
    steps: [
      `a length in the cavity comes out ${percent} % ${shrinkLinear < 0 ? 'longer' : 'shorter'}, a room three times as much`,
    ],
    inputs: [{ name, value: `${percent} %`, basis: shrinkBasis }],
  };
}

/** How hard a lead alloy is. */
export function hardnessWorking(is: string): Working {
  return {
    title: 'Hardness',
    steps: [`${is}: Brinell, between the metals of the list by antimony, and what tin adds to it; typical`],
    inputs: [
      { name: 'composition', value: is, basis: 'computed' },
      { name: 'metals of the list', value: 'typical', basis: 'reference' },
    ],
  };
}

interface LotPick {
  readonly id: string;
  readonly g: number;
}

type Bins = BenchFacts['binById'];

const lotOf = (id: string, bins: Bins) => {
  const lot = bins.get(id);
  return lot?.kind === 'metal' ? lot : null;
};

/** How much of each lot goes into a blend. */
export function blendWorking(picks: readonly LotPick[], bins: Bins, mass: MassUnit): Working {
  return {
    title: 'The blend',
    steps: [
      `${picks.map(({ id, g }) => `${massText(g, mass)} ${lotText(bins.get(id)?.name ?? id)}`).join(' + ')} = ${massText(sum(picks.map(({ g }) => g)), mass)}`,
      'the cheapest of all blends that keep what is asked of each element and do not take more of a lot than lies there (linear program)',
    ],
    inputs: picks.map(({ id }) => {
      const lot = lotOf(id, bins);
      return {
        name: lotText(lot?.name ?? id),
        value: compositionText(lot?.composition ?? null),
        basis: lot?.compositionBasis === 'guess' ? 'guess' : 'given',
      };
    }),
  };
}

/** What a blend costs. */
export function blendCostWorking(
  picks: readonly LotPick[],
  bins: Bins,
  mass: MassUnit,
  sign: string,
): Working {
  const bulk = bulkOf(mass);
  return {
    title: 'Cost',
    steps: [
      picks
        .map(
          ({ id, g }) =>
            `${massText(g, mass)} at ${moneyText((lotOf(id, bins)?.costPerKg ?? 0) * bulk.holds, sign)} a ${bulk.word}`,
        )
        .join(' + '),
    ],
    inputs: [{ name: 'prices', value: 'as they stand on the lots', basis: 'given' }],
  };
}

/** Up to what heat castings of a lot keep their shape. */
export function bearsWorking(
  { name }: Pick<MetalBin, 'name'>,
  solidusC: number,
  temperature: ScreenUnits['temperature'],
): Working {
  const text = (celsius: number) => temperatureText(celsius, temperature);
  return {
    title: `${lotText(name)} bears`,
    steps: [
      `it first melts at ${text(solidusC)}, less ${temperature === 'F' ? '45 °F' : '25 °C'} so that it does not slump = ${text(solidusC - SOLIDUS_MARGIN_C)}`,
    ],
    inputs: [{ name: 'first melts', value: text(solidusC), basis: 'reference' }],
  };
}
