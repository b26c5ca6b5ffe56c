import { sum } from '../numeric/sum';
import type { BenchProblem } from '../problems/bench-problem';
import { bearsZinc } from './bears-zinc';
import { metalFamily, type MetalFamily } from './metal-family';

export interface ChargedLot {
  readonly name: string;
  /** Mass shares by element; null where nobody knows. */
  readonly composition: Readonly<Record<string, number>> | null;
  readonly g: number;
}

/** Why a charge must not go into the pot. */
export type ChargeStop =
  | { readonly why: 'zinc'; readonly zinc: string; readonly other: string }
  | { readonly why: 'cold'; readonly name: string }
  | { readonly why: 'overfull'; readonly chargeG: number; readonly capacityG: number };

/** What zinc spoils. */
const SPOILED: ReadonlySet<MetalFamily | null> = new Set<MetalFamily | null>(['lead', 'tin', 'bismuth']);

/** Tungsten from which a lot is powder in a binder: nothing of it melts in a pot. */
const PRESSED_SHARE = 0.2;

/**
 * Whether a metal is powder in resin, which is mixed and pressed cold. Of what nobody knows it is not said.
 *
 * @example isPressedCold({ composition: { W: 1 } }) // true
 */
export const isPressedCold = ({ composition }: Pick<ChargedLot, 'composition'>): boolean =>
  (composition?.W ?? 0) > PRESSED_SHARE;

/**
 * What stops a charge: zinc going into lead or tin, powder that is bound cold, or more metal than the pot holds. An unknown lot stops nothing;
 * the caller says that it is unknown.
 *
 * @example judgeCharge([{ name: 'Lot 1', composition: { Pb: 1 }, g: 5000 }], 4500)
 * // [{ why: 'overfull', chargeG: 5000, capacityG: 4500 }]
 */
export function judgeCharge(lots: readonly ChargedLot[], capacityG: number): ChargeStop[] {
  const charged = lots.filter(({ g }) => g > 0);
  const zinc = charged.find(({ composition }) => bearsZinc(composition));
  const other = charged.find(({ composition }) => SPOILED.has(metalFamily(composition)));
  const chargeG = sum(charged.map(({ g }) => g));
  return [
    ...(zinc && other ? [{ why: 'zinc', zinc: zinc.name, other: other.name } as const] : []),
    ...charged.filter(isPressedCold).map(({ name }) => ({ why: 'cold', name }) as const),
    ...(chargeG > capacityG ? [{ why: 'overfull', chargeG, capacityG } as const] : []),
  ];
}

/** A stop as the bench says it. */
export function chargeProblem(stop: ChargeStop): BenchProblem {
  switch (stop.why) {
    case 'zinc':
      return { code: 'bench.zinc-in-pot', zinc: stop.zinc, other: stop.other };
    case 'cold':
      return { code: 'bench.cold-in-pot', name: stop.name };
    case 'overfull':
      return { code: 'bench.pot-overfull', chargeG: stop.chargeG, capacityG: stop.capacityG };
  }
}
