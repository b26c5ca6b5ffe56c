import { sum } from '@/core/numeric/sum';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import { beatFor, restS, warmBlock, type BlockEvening } from '@/core/freezing/warm-block';
import type { MoldKind } from '@/core/molds/made-of';
import type { Cavity, Mold } from '@/records/mold';
import { moldMaterial } from './cast-question';

/** A block as it lies on the bench, mm. */
export interface BlockSize {
  readonly widthMm: number;
  readonly heightMm: number;
  /** Half as deep as its thickest cavity. */
  readonly reachMm: number;
}

export interface BlockLump {
  readonly massG: number;
  readonly areaCm2: number;
  readonly isGuess: boolean;
}

/** Metal behind a cavity (typical), mm. */
const BEHIND_MM = 9;
const [MM2_PER_CM2, MM3_PER_M3, G_PER_KG] = [100, 1e9, 1000];

/**
 * What a block weighs and how much of it meets the air, both halves: by what the maker weighed, else by its size as drawn.
 *
 * @example blockLump({ widthMm: 150, heightMm: 60, reachMm: 7 }, 'aluminum', null).massG // 778
 */
export function blockLump(size: BlockSize, of: MoldKind, weighsG: number | null): BlockLump {
  const thickMm = 2 * (size.reachMm + BEHIND_MM);
  const { widthMm, heightMm } = size;
  const guessG = ((widthMm * heightMm * thickMm) / MM3_PER_M3) * moldMaterial(of).densityKgM3 * G_PER_KG;
  const areaCm2 = (2 * (widthMm * heightMm + widthMm * thickMm + heightMm * thickMm)) / MM2_PER_CM2;
  // A heavier block of its shape is larger all round.
  const times = weighsG === null ? 1 : weighsG / guessG;
  return { massG: guessG * times, areaCm2: areaCm2 * times ** (2 / 3), isGuess: weighsG === null };
}

/** What an evening does to a block's warmth. */
export interface BlockWarmth {
  readonly atPourC: readonly number[];
  readonly settlesC: number;
  /** The first pour at which it is as warm as wanted, from 1; null where it never is. */
  readonly warmFrom: number | null;
  /** How often to pour so that it stays there; null where no beat does it. */
  readonly beatS: number | null;
  /** How long to rest once it is hotter than it should be, s; 0 where it never is. */
  readonly restS: number;
}

export const SHOWN_POURS = 24;
/** As warm as wanted, within so much, K. */
const NEAR_K = 5;
const ROOM_C = 20;

/** An evening of pours into a block: when it is as warm as wanted, where it settles, and what to do about it. */
export function blockWarmth(
  lump: BlockLump,
  asked: {
    readonly of: MoldKind;
    readonly startC: number;
    readonly wantedC: number;
    readonly pourJ: number;
    readonly beatS: number;
  },
): BlockWarmth {
  const { specificJkgK, mostC } = moldMaterial(asked.of);
  const evening: BlockEvening = {
    massG: lump.massG,
    areaCm2: lump.areaCm2,
    specificJkgK,
    airC: ROOM_C,
    startC: asked.startC,
    pourJ: asked.pourJ,
    beatS: asked.beatS,
    pours: SHOWN_POURS,
  };
  const { atPourC, settlesC } = warmBlock(evening);
  const first = atPourC.findIndex((c) => c >= asked.wantedC - NEAR_K);
  const hottestC = Math.max(settlesC, ...atPourC);
  return {
    atPourC,
    settlesC,
    warmFrom: first < 0 ? null : first + 1,
    beatS: beatFor(evening, asked.wantedC),
    restS: hottestC > mostC ? restS(evening, hottestC, asked.wantedC) : 0,
  };
}

/** What a pour gives a block, J: the castings of all its cavities, by one of them, and the sprue. */
export function pourHeat(
  mold: Pick<Mold, 'cavities' | 'spruePerPourG'>,
  cavity: Cavity,
  { bodyJ, heatJg }: Pick<FrozenPicture, 'bodyJ' | 'heatJg'>,
): number {
  const times = sum(mold.cavities.map(({ volumeCm3 }) => volumeCm3)) / cavity.volumeCm3;
  return bodyJ * times + heatJg * mold.spruePerPourG;
}
