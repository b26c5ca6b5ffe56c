import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { parseQuantity } from '@/core/units/parse-quantity';
import type { MassUnit } from '@/core/units/write-mass';
import { markText } from '@/text/words';

const MOST_WEIGHTS = 8;
const MOST_G = 500;
/** Neighbors of a weight: two thirds of it, and half as much again. */
const NEIGHBORS = [0.67, 1, 1.5];
/** Marks are asked for by the quarter ounce, light ones by the eighth, or by the gram. */
const stepG = (targetG: number, mass: MassUnit) =>
  mass === 'g' ? 1 : GRAMS_PER_OUNCE / (targetG < GRAMS_PER_OUNCE ? 8 : 4);

/**
 * Three neighbors as a maker writes them: in grams `20, 30, 45`, in ounces `3/4 oz, 1 oz, 1 1/2 oz`.
 *
 * @example usualSet(30, 'g') // '20, 30, 45'
 */
export function usualSet(targetG: number, mass: MassUnit): string {
  const step = stepG(targetG, mass);
  return NEIGHBORS.map((share) => Math.max(step, Math.round((targetG * share) / step) * step))
    .map((grams) => (mass === 'g' ? String(grams) : markText(grams, mass)))
    .join(', ');
}

/**
 * The weights that a maker wrote, g: with commas between, each in any unit; bare numbers may have spaces between. Null where
 * one of them is none.
 *
 * @example readSet('1 oz, 1 1/2 oz', 'oz') // [28.349523125, 42.5242846875]
 */
export function readSet(text: string, mass: MassUnit): number[] | null {
  const isPlain = /^[\d.\s]+$/.test(text.trim());
  const parts = text.split(isPlain ? /\s+/ : /[,;]/).filter((part) => part.trim() !== '');
  const grams = parts.map((part) => {
    const read = parseQuantity(part, 'mass', mass === 'g' ? 'g' : 'oz');
    return read.ok ? read.value.value : NaN;
  });
  const isSet =
    grams.length > 0 && grams.length <= MOST_WEIGHTS && grams.every((each) => each > 0 && each <= MOST_G);
  return isSet ? [...new Set(grams)] : null;
}
