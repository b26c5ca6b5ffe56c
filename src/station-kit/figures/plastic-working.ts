import type { CupYield } from '@/core/plastics/baits-a-cup';
import type { PlasticBatch, PlasticShot } from '@/core/plastics/scale-batch';
import type { PlasticColor } from '@/records/plastic';
import { amountOf } from '@/model/plastics/plastic-draft';
import { numberText } from '@/text/number-text';
import { volumeText } from '@/text/quantity-text';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** What goes into a cup of one side: so much as the recipe has it for its cup, for the plastic of this batch. */
export function stirWorking(
  { name, amount, unit }: PlasticBatch['additives'][number],
  recipeAmount: number,
  { plasticCm3 }: Pick<PlasticBatch, 'plasticCm3'>,
  color: Pick<PlasticColor, 'baseCm3'> | undefined,
  volume: ScreenUnits['volume'],
): Working {
  const cup = volumeText(color?.baseCm3 ?? 0, volume);
  return {
    title: name,
    steps: [
      `${amountOf(recipeAmount, unit)} in a cup of ${cup}, for ${volumeText(plasticCm3, volume)}: ${amountOf(amount, unit)}`,
    ],
    inputs: [
      { name: 'the recipe', value: `${amountOf(recipeAmount, unit)} in ${cup}`, basis: 'given' },
      { name: 'plastic of this batch', value: volumeText(plasticCm3, volume), basis: 'computed' },
    ],
  };
}

/** How many baits a cup gives, and what is left of it. */
export function cupWorking(
  cupCm3: number,
  lossShare: number,
  { pieceCm3, cavities, runnerCm3 }: Pick<PlasticShot, 'pieceCm3' | 'cavities' | 'runnerCm3'>,
  { baits, shots, blockCm3 }: CupYield,
  volume: ScreenUnits['volume'],
): Working {
  const v = (cm3: number) => volumeText(cm3, volume);
  return {
    title: 'Baits of a cup',
    steps: [
      `${v(cupCm3)} × (1 − ${numberText(lossShare, 3)}) = ${v(cupCm3 * (1 - lossShare))} can be shot`,
      `a shot of ${cavities} × ${v(pieceCm3)} + runner ${v(runnerCm3)} = ${v(cavities * pieceCm3 + runnerCm3)}; whole shots, then one of what still fills whole baits: ${baits} in ${shots}`,
      `${v(cupCm3)} − ${baits} × ${v(pieceCm3)} − ${shots} × ${v(runnerCm3)} = ${v(blockCm3)} is left`,
    ],
    inputs: [
      { name: 'one bait', value: v(pieceCm3), basis: 'given' },
      { name: 'runner', value: v(runnerCm3), basis: 'given' },
      { name: 'stays in cup and injector', value: `${numberText(lossShare * 100, 3)} %`, basis: 'given' },
    ],
  };
}

/** How much plastic a batch takes. */
export function batchWorking(
  {
    pieceCm3,
    count,
    runnerCm3,
    cavities,
  }: Pick<PlasticShot, 'pieceCm3' | 'count' | 'runnerCm3' | 'cavities'>,
  lossShare: number,
  plasticCm3: number,
  volume: ScreenUnits['volume'],
): Working {
  const v = (cm3: number) => volumeText(cm3, volume);
  return {
    title: 'Plastic for it',
    steps: [
      `(${v(pieceCm3)} × ${count} + ${v(runnerCm3)} × ${Math.ceil(count / cavities)}) / (1 − ${numberText(lossShare, 3)}) = ${v(plasticCm3)}`,
    ],
    inputs: [
      { name: 'One bait', value: v(pieceCm3), basis: 'given' },
      { name: 'Runner', value: v(runnerCm3), basis: 'given' },
    ],
  };
}

/** How much of the plastic goes into one side of a bait of two colors. */
export function sideWorking(
  side: string,
  { plasticCm3 }: Pick<PlasticBatch, 'plasticCm3'>,
  color: Pick<PlasticColor, 'splitShare'> | undefined,
  volume: ScreenUnits['volume'],
): Working {
  const share = color?.splitShare ?? 1;
  return {
    title: side,
    steps: [
      `${volumeText(plasticCm3 / share, volume)} for all × ${numberText(share * 100, 3)} % = ${volumeText(plasticCm3, volume)}`,
    ],
    inputs: [{ name: 'its share', value: `${numberText(share * 100, 3)} %`, basis: 'given' }],
  };
}
