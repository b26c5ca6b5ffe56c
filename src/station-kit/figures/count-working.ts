import type { WeighedCount } from '@/core/counting/count-by-weight';
import type { Handful, PieceWeight } from '@/core/counting/weigh-piece';
import { numberText } from '@/text/number-text';
import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import type { MassUnit } from '@/core/units/write-mass';
import type { Working } from '@/ui/figure/Figure';

/** A weight as a fine scale reads it, to four figures. */
export const readText = (massG: number, mass: MassUnit): string =>
  mass === 'g' ? `${numberText(massG, 4)} g` : `${numberText(massG / GRAMS_PER_OUNCE, 4)} oz`;

const percent = (share: number) => `${numberText(share * 100, 2)} %`;

/** What one weighs, by the handfuls that were counted. */
export function pieceWorking(
  { eachG, count, massG, spread }: PieceWeight,
  handfuls: readonly Handful[],
  mass: MassUnit,
): Working {
  return {
    title: 'One weighs',
    steps: [
      `${readText(massG, mass)} ÷ ${count} = ${readText(eachG, mass)}`,
      handfuls.length > 1
        ? `from one to the next they vary by ${percent(spread.share)}: what is usual, and how the ${handfuls.length} handfuls differ`
        : `from one to the next they vary by ${percent(spread.share)}, as is usual of such pieces; another handful tells it of these`,
    ],
    inputs: [
      { name: 'counted by hand', value: String(count), basis: 'given' },
      { name: 'on the scale', value: readText(massG, mass), basis: 'weighed' },
      {
        name: 'how much they vary',
        value: percent(spread.share),
        basis: handfuls.length > 1 ? 'computed' : 'guess',
      },
    ],
  };
}

/** How many lie on the scale, and how sure that is. */
export function countWorking(
  { pieces, strays, count, chance, others }: WeighedCount,
  { eachG, count: byHand, massG }: PieceWeight,
  wholeG: number,
  isAmong: boolean,
  mass: MassUnit,
): Working {
  return {
    title: 'Counted by weight',
    steps: [
      isAmong
        ? `${byHand} + (${readText(wholeG, mass)} − ${readText(massG, mass)}) ÷ ${readText(eachG, mass)} = ${numberText(pieces, 4)}`
        : `${readText(wholeG, mass)} ÷ ${readText(eachG, mass)} = ${numberText(pieces, 4)}`,
      `that is off by ${numberText(strays, 2)} of a piece: pieces differ, one’s weight is known from ${byHand}, and a scale reads in steps`,
      [{ count, chance }, ...others].map((each) => `${each.count}: ${percent(each.chance)}`).join(', '),
    ],
    inputs: [
      { name: 'all of it', value: readText(wholeG, mass), basis: 'weighed' },
      { name: 'one weighs', value: readText(eachG, mass), basis: 'computed' },
    ],
  };
}
