import { GRAMS_PER_OUNCE } from '@/core/units/quantities';
import { parseQuantity } from '@/core/units/parse-quantity';
import type { MassUnit } from '@/core/units/write-mass';
import { gradedCounts, gradedWeights, type GradedOf, type GradedWeight } from '@/core/rigs/graded-weights';
import { numberText } from '@/text/number-text';
import { markText, massText } from '@/text/words';

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

const MOST_SHOT = 120;

/**
 * Three neighbors of a count of shot: `5, 6, 7`.
 *
 * @example usualCounts(6) // '5, 6, 7'
 */
export function usualCounts(shots: number): string {
  const first = Math.max(1, Math.min(MOST_SHOT - 2, shots - 1));
  return [first, first + 1, first + 2].join(', ');
}

/**
 * The counts of shot that a maker wrote, with commas or spaces between. Null where one of them is no whole count.
 *
 * @example readCounts('5, 6, 7') // [5, 6, 7]
 */
export function readCounts(text: string): number[] | null {
  const parts = text.split(/[,;\s]+/).filter(Boolean);
  const counts = parts.map((part) => (/^\d+$/.test(part) ? Number(part) : NaN));
  const isSet =
    counts.length > 0 &&
    counts.length <= MOST_WEIGHTS &&
    counts.every((count) => count >= 1 && count <= MOST_SHOT);
  return isSet ? [...new Set(counts)] : null;
}

/** How a maker asks for a set in cord: by what each weighs, or by how many shot are in each. */
interface SetWords {
  readonly label: string;
  readonly usual: string;
  /** The set that was written; null where one of it cannot be read. */
  readonly read: (text: string, of: GradedOf) => GradedWeight[] | null;
  /** Said where it cannot. */
  readonly problem: string;
  /** What is put behind the name of one of the set. */
  readonly called: (each: GradedWeight) => string;
  /** What such a rig is laid out by. */
  readonly wants: (each: GradedWeight) => Record<string, number>;
}

const MOST_EACH = 'Eight at most.';

/**
 * How a set is asked for, of a rig in cord made by its weight or by a count of shot.
 *
 * @example setWords({ by: 'count' }, { shots: 6 }, 'oz').usual // '5, 6, 7'
 */
export function setWords(
  picks: Readonly<Record<string, string>>,
  wants: Readonly<Record<string, number>>,
  mass: MassUnit,
): SetWords {
  if (picks.by === 'count') {
    return {
      label: 'Shot in each',
      usual: usualCounts(wants.shots ?? 6),
      read: (text, of) => {
        const counts = readCounts(text);
        return counts && gradedCounts(counts, of);
      },
      problem: `Write whole counts up to ${MOST_SHOT} with commas between, such as 5, 6, 7. ${MOST_EACH}`,
      called: ({ shots }) => `${shots} shot`,
      wants: ({ shots }) => ({ shots }),
    };
  }
  return {
    label: 'Weights',
    usual: usualSet(wants.targetG ?? 30, mass),
    read: (text, of) => {
      const targetsG = readSet(text, mass);
      return targetsG && gradedWeights(targetsG, of);
    },
    problem: `Write weights up to ${massText(MOST_G, mass)} with commas between, such as ${usualSet(30, mass)}. ${MOST_EACH}`,
    called: ({ targetG }) => (mass === 'g' ? numberText(targetG, 3) : markText(targetG, mass)),
    wants: ({ targetG }) => ({ targetG }),
  };
}
