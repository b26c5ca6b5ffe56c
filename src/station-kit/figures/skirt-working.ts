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

/** By how much the legs of a sheet are stretched to close the round. */
export function stretchWorking(legs: number, stretch: number, maxStretch: number): Working {
  return {
    title: 'Stretched by',
    steps: [
      `the round of the head ÷ (${legs} ${legs === 1 ? 'leg' : 'legs'} × their width) − 1 = ${numberText(stretch * 100, 2)} %`,
      'as many legs as go round without lying over each other',
    ],
    inputs: [
      { name: 'round and width', value: 'as you wrote them', basis: 'given' },
      { name: 'it bears', value: `${numberText(maxStretch * 100, 3)} %`, basis: 'given' },
    ],
  };
}

/** What so many skirts take of a material. */
export function takeWorking(name: string, all: string, count: number, each: number): Working {
  return {
    title: name,
    steps: [`${numberText(count, 4)} × ${numberText(each, 3)}, all layers of it together = ${all}`],
    inputs: [{ name: 'in one', value: numberText(each, 3), basis: 'given' }],
  };
}

/** How far the tails of a sheet pull to one side. */
export function balanceWorking(offShare: number): Working {
  return {
    title: 'Off the axis',
    steps: [
      `the tails’ weights added as arrows, each toward its angle, ÷ their weights added = ${Math.round(offShare * 100)} %`,
      'up to 5 % it runs true, a rule of thumb',
    ],
    inputs: [{ name: 'tails', value: 'angles and weights as you wrote them', basis: 'given' }],
  };
}
