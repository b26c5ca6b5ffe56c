import { cavityModulus } from '@/core/cavities/cavity-modulus';
import { chokeS, type ChokeSetting } from '@/core/freezing/choke-time';
import { sum } from '@/core/numeric/sum';
import type { MetalBin } from '@/records/bin';
import type { Mold } from '@/records/mold';
import { pouredThermal } from '@/reference/poured-thermal';
import { blockLump, blockWarmth, type BlockSize, type BlockWarmth } from './block-heat';
import { moldMaterial, usualDraft } from './cast-question';

/** What the freezing of a block's castings says for its pours. */
export interface PourHints {
  /** Its cavities from the one that stiffens soonest, with how long metal can flow in each, s. */
  readonly order: readonly { readonly index: number; readonly flowsS: number }[];
  /** How warm the block should be, C, and how it gets there from cold; null for what holds no heat to speak of. */
  readonly wantedC: number;
  readonly warmth: BlockWarmth | null;
}

const ROOM_C = 20;
const [J_PER_KJ, KG_PER_G] = [1000, 1000];
/** Cavities within so much of each other may be filled in any order. */
const ALIKE = 1.15;

/**
 * Which cavity of a block to fill first and when the block is warm, by closed forms; null where the metal's melting or every
 * shape is unknown.
 *
 * @example pourHints(blockA, hardLead, size, 38)?.order[0] // { index: 0, flowsS: 0.4 }
 */
export function pourHints(
  mold: Mold,
  metal: Pick<MetalBin, 'composition'>,
  size: BlockSize | null,
  beatS: number,
): PourHints | null {
  const poured = pouredThermal(metal.composition);
  if (!poured) return null;
  const draft = usualDraft(mold, null, null, metal);
  const setting: ChokeSetting = {
    metal: poured,
    mold: moldMaterial(draft.of),
    pouredC: draft.pouredC,
    blockC: draft.blockC,
  };
  const order = mold.cavities
    .flatMap((cavity, index) => {
      const modulus = cavityModulus(cavity);
      return modulus === null ? [] : [{ index, flowsS: chokeS(setting, modulus) }];
    })
    .toSorted((a, b) => a.flowsS - b.flowsS);
  if (order.length === 0) return null;
  const { specificJkgK, melting, densityKgM3 } = poured;
  const heatJg = (specificJkgK * (draft.pouredC - melting.solidusC) + melting.latentJkg) / J_PER_KJ;
  const castG = (sum(mold.cavities.map(({ volumeCm3 }) => volumeCm3)) * densityKgM3) / KG_PER_G;
  const isMetal = draft.of === 'aluminum' || draft.of === 'steel';
  return {
    order,
    wantedC: draft.blockC,
    warmth:
      size && isMetal
        ? blockWarmth(blockLump(size, draft.of, mold.heat?.weighsG ?? null), {
            of: draft.of,
            startC: ROOM_C,
            wantedC: draft.blockC,
            pourJ: heatJg * (castG + mold.spruePerPourG),
            beatS,
          })
        : null,
  };
}

/** The cavities to fill first; none where it does not matter. */
export function fillFirst({ order }: PourHints): readonly number[] {
  const [first, last] = [order[0], order.at(-1)];
  if (!first || !last || last.flowsS < ALIKE * first.flowsS) return [];
  return order.filter(({ flowsS }) => flowsS < ALIKE * first.flowsS).map(({ index }) => index);
}
