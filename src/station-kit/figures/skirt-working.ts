import { numberText } from '@/text/number-text';
import { sizeText } from '@/text/words';
import type { ScreenUnits } from '@/text/written-in';
import type { Working } from '@/ui/figure/Figure';

/** How close the strands stand on the collar: `60.6 strands an inch`. */
export function densityText(strands: number, collarMm: number, length: ScreenUnits['length']): string {
  const perMm = strands / (Math.PI * collarMm);
  return length === 'mm'
    ? `${numberText(perMm, 3)} strands a mm`
    : `${numberText(perMm * 25.4, 3)} strands an inch`;
}

/** How close the strands stand on the collar. */
export function densityWorking(strands: number, collarMm: number, length: ScreenUnits['length']): Working {
  return {
    title: 'How close they stand',
    steps: [
      `${numberText(strands, 4)} strands ÷ (π × ${sizeText(collarMm, length)}) = ${densityText(strands, collarMm, length)}`,
      `each strand has two ends: ${numberText(strands * 2, 4)} tips`,
    ],
    inputs: [
      { name: 'strands', value: numberText(strands, 4), basis: 'given' },
      { name: 'collar', value: sizeText(collarMm, length), basis: 'given' },
    ],
  };
}
