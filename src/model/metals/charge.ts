import { changeOfBatch, type BatchChange } from '@/core/metals/change-of-batch';
import { rangeOf } from '@/reference/range-of';
import { judgeCharge, type ChargeStop } from '@/core/metals/judge-charge';
import { meltLots, type MeltedMetal } from '@/core/metals/melt-lots';
import type { MetalBin } from '@/records/bin';

/** What lies in the pot to be melted: grams by lot, in the order in which they went in. */
export type Charge = readonly { readonly binId: string; readonly g: number | null }[];

export interface ChargedLot {
  readonly lot: MetalBin;
  readonly g: number;
}

export interface ReadCharge {
  readonly lots: readonly ChargedLot[];
  readonly totalG: number;
  readonly mix: MeltedMetal | null;
  readonly stops: readonly ChargeStop[];
  /** Another metal than what most of it is: to be meant; null where it stays what it is. */
  readonly change: BatchChange | null;
  /** Lots asked for more than there is. */
  readonly overdrawn: readonly { readonly lot: MetalBin; readonly onHandG: number }[];
}

/** What a charge comes to, and what stops it. */
export function readCharge(
  charge: Charge,
  metals: readonly MetalBin[],
  levels: ReadonlyMap<string, number>,
  capacityG: number,
): ReadCharge {
  const lots = charge.flatMap(({ binId, g }): ChargedLot[] => {
    const lot = metals.find(({ id }) => id === binId);
    return lot && g !== null && g > 0 ? [{ lot, g }] : [];
  });
  const totalG = lots.reduce((total, { g }) => total + g, 0);
  return {
    lots,
    totalG,
    mix: lots.length > 0 ? meltLots(lots.map(({ lot, g }) => ({ ...lot, g }))) : null,
    change: changeOfBatch(
      lots.map(({ lot, g }) => ({ name: lot.name, composition: lot.composition, g })),
      (composition) => rangeOf(composition)?.solidusC ?? null,
    ),
    stops: judgeCharge(
      lots.map(({ lot, g }) => ({ name: lot.name, composition: lot.composition, g })),
      capacityG,
    ),
    overdrawn: lots
      .map(({ lot, g }) => ({ lot, g, onHandG: levels.get(lot.id) ?? 0 }))
      .filter(({ g, onHandG }) => g > onHandG * (1 + 1e-9)),
  };
}

/** How much of a lot goes in when it is dropped into the pot: half a kilogram, or what is left or fits. */
export function firstHelping(onHandG: number, roomG: number): number {
  return Math.max(0, Math.min(500, onHandG, roomG));
}

/**
 * Names a charge by what is in it: what was meant of one charge is not meant of another.
 *
 * @example chargeKey([{ binId: 'a', g: 500 }]) // 'a 500'
 */
export const chargeKey = (charge: Charge): string =>
  charge.map(({ binId, g }) => `${binId} ${g ?? 0}`).join(', ');
