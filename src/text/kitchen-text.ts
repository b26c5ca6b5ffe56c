import { CM3_PER_TEASPOON } from '@/core/units/quantities';
import { writeFraction } from '@/core/units/write-fraction';
import { numberText } from './number-text';

const TSP_PER_TBSP = 3;
const TSP_PER_QUARTER_CUP = 12;
/** The finest spoon there is: a smidgen of 1/32 tsp; by the spoon and more, eighths are as fine as anybody pours. */
const FINEST_OF_LITTLE = 32;
const FINEST = 8;

/**
 * A volume in the cups and spoons of a kitchen, to the nearest that there is a spoon for.
 *
 * @example kitchenText(120) // '1/2 cup 3/8 tsp'
 * @example kitchenText(0.31) // '1/16 tsp'
 */
export function kitchenText(cm3: number): string {
  const teaspoons = cm3 / CM3_PER_TEASPOON;
  if (teaspoons < 1) {
    const parts = Math.round(teaspoons * FINEST_OF_LITTLE);
    return parts === 0 ? `${numberText(teaspoons, 2)} tsp` : `${writeFraction(parts, FINEST_OF_LITTLE)} tsp`;
  }
  const parts = Math.round(teaspoons * FINEST);
  const quarters = Math.floor(parts / (TSP_PER_QUARTER_CUP * FINEST));
  const rest = parts - quarters * TSP_PER_QUARTER_CUP * FINEST;
  const spoons = Math.floor(rest / (TSP_PER_TBSP * FINEST));
  const left = rest - spoons * TSP_PER_TBSP * FINEST;
  return [
    ...(quarters > 0 ? [`${writeFraction(quarters, 4)} ${quarters > 4 ? 'cups' : 'cup'}`] : []),
    ...(spoons > 0 ? [`${spoons} tbsp`] : []),
    ...(left > 0 ? [`${writeFraction(left, FINEST)} tsp`] : []),
  ].join(' ');
}
