import { bearsZinc } from '@/core/metals/bears-zinc';
import type { ElementBand } from '@/core/metals/blend-lots';
import type { MetalBin } from '@/records/bin';

export type Family = 'lead' | 'lead-free';

/** What a blend is asked to be. */
export interface BlendRequest {
  readonly family: Family;
  readonly amountG: number | null;
  readonly antimony: ElementBand;
  /** A band of another element. */
  readonly other: { readonly element: string; readonly band: ElementBand } | null;
  readonly mostPerKg: number | null;
}

/** A lot without a price counts as dear, so that priced ones are taken first. */
const UNPRICED = 1000;

/** The lots that may go into a blend of a family: known, in stock, free of zinc, and not leading lead into lead-free. */
export function lotsFor(
  family: Family,
  metals: readonly MetalBin[],
  levels: ReadonlyMap<string, number>,
): MetalBin[] {
  return metals.filter((lot) => {
    const { composition } = lot;
    if (composition === null || (levels.get(lot.id) ?? 0) <= 0 || bearsZinc(composition)) return false;
    const isLead = (composition.Pb ?? 0) > 0.001;
    return isLead === (family === 'lead');
  });
}

/** The input of `metal.blend` for a request. */
export function blendInput(
  request: BlendRequest,
  lots: readonly MetalBin[],
  levels: ReadonlyMap<string, number>,
) {
  const band = ({ min, max }: ElementBand) => ({
    ...(min === undefined ? {} : { min }),
    ...(max === undefined ? {} : { max }),
  });
  return {
    lots: lots.map((lot) => ({
      id: lot.id,
      composition: lot.composition ?? {},
      availableG: levels.get(lot.id) ?? 0,
      costPerKg: lot.costPerKg ?? UNPRICED,
    })),
    target: {
      ...(request.antimony.min === undefined && request.antimony.max === undefined
        ? {}
        : { Sb: band(request.antimony) }),
      ...(request.other ? { [request.other.element]: band(request.other.band) } : {}),
    },
    amountG: request.amountG ?? 0,
  };
}

/** Why a band cannot be reached, as far as the lots say: the richest or poorest lot, or too little of it. */
export function whyOutOfReach(
  target: Readonly<Record<string, ElementBand>>,
  lots: readonly MetalBin[],
  names: Readonly<Record<string, string>>,
): string {
  for (const [element, { min, max }] of Object.entries(target)) {
    const shares = lots.map((lot) => ({ lot, share: lot.composition?.[element] ?? 0 }));
    const [richest] = [...shares].sort((a, b) => b.share - a.share);
    const [poorest] = [...shares].sort((a, b) => a.share - b.share);
    const name = names[element] ?? element;
    if (min !== undefined && richest && richest.share < min) {
      return `No lot has that much ${name}: the most is ${percent(richest.share)} in ${richest.lot.name}.`;
    }
    if (max !== undefined && poorest && poorest.share > max) {
      return `No lot has so little ${name}: the least is ${percent(poorest.share)} in ${poorest.lot.name}.`;
    }
  }
  return 'The lots that would do it run out first. Ask for less, or buy more of them.';
}

function percent(share: number): string {
  return `${Number((share * 100).toFixed(1))} %`;
}
