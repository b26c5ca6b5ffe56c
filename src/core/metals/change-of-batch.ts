import { SOLIDUS_MARGIN_C } from '../coats/check-cure';
import type { ChargedLot } from './judge-charge';
import { meltedShares } from './melt-lots';
import { metalFamily, type MetalFamily } from './metal-family';

/** What a metal is and what heat it bears. */
export interface BatchState {
  readonly family: MetalFamily | null;
  /** Up to where it stays wholly solid, C; null where nobody knows. */
  readonly solidusC: number | null;
  /** The hottest oven its castings bear, C; null where they go into none. */
  readonly bearsC: number | null;
}

/** A charge that makes another metal of what most of it is. */
export interface BatchChange {
  /** The lot that most of the charge is of, and what goes into it. */
  readonly into: string;
  readonly added: readonly string[];
  readonly from: BatchState;
  readonly to: BatchState;
}

/** A solidus may move so far, C, and it is still the same metal to a pot and an oven. */
const SAME_SOLIDUS_C = 10;

type SolidusOf = (composition: Readonly<Record<string, number>>) => number | null;

function stateOf(composition: Readonly<Record<string, number>>, solidusOf: SolidusOf): BatchState {
  const solidusC = solidusOf(composition);
  return {
    family: metalFamily(composition),
    solidusC,
    bearsC: solidusC === null ? null : solidusC - SOLIDUS_MARGIN_C,
  };
}

/**
 * What a charge would make of the lot that most of it is, where that is another metal: another family, or a solidus more than
 * 10 C off. Null where it stays what it is, or where a lot is not known: then nobody can say.
 *
 * @example changeOfBatch([{ name: 'Pewter', composition: { Sn: 1 }, g: 4000 }, { name: 'Lead', composition: { Pb: 1 }, g: 110 }], solidusOf)
 * // { into: 'Pewter', added: ['Lead'], from: { family: 'tin', solidusC: 231.9, bearsC: 206.9 }, to: { family: 'lead', solidusC: 183, bearsC: 158 } }
 */
export function changeOfBatch(lots: readonly ChargedLot[], solidusOf: SolidusOf): BatchChange | null {
  const charged = lots.filter(({ g }) => g > 0);
  const [most, ...others] = [...charged].sort((a, b) => b.g - a.g);
  const mix = meltedShares(charged);
  if (!most?.composition || others.length === 0 || !mix) return null;
  const [from, to] = [stateOf(most.composition, solidusOf), stateOf(mix, solidusOf)];
  const isSameHeat =
    from.solidusC === null || to.solidusC === null
      ? from.solidusC === to.solidusC
      : Math.abs(from.solidusC - to.solidusC) <= SAME_SOLIDUS_C;
  if (from.family === to.family && isSameHeat) return null;
  return { into: most.name, added: others.map(({ name }) => name), from, to };
}
