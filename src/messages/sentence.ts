import type { ProblemFacts } from '@/core/problems/facts';
import type { Problem, ProblemCode } from '@/core/problems/problem';
import { numberText as n } from './number-text';

type Sentences = { [Code in ProblemCode]: (facts: ProblemFacts[Code]) => string };

const WRITTEN_LIKE: Record<string, string> = {
  mass: '3/8 oz, 10 g or 2 lb 3 oz',
  length: '1 1/2 in, 38 mm or 3.8 cm',
  temperature: '350 F or 177 C',
  volume: '1/4 tsp, 1 cup or 20 ml',
  duration: '15 min, 1 h 30 or 90 s',
};

const UNITS_OF: Record<string, string> = {
  mass: 'g, mg, kg, oz, lb or gr (grains)',
  length: 'mm, cm, m, in or ft',
  temperature: 'C or F',
  volume: 'cm3, ml, l, tsp, tbsp or cup',
  duration: 's, min or h',
};

const SENTENCES: Sentences = {
  'units.empty': ({ quantity }) =>
    `There is nothing here. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.no-number': ({ text, quantity }) =>
    `'${text}' does not begin with a number. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.left-over': ({ text, rest, quantity }) =>
    `'${rest}' in '${text}' is left over. Write a ${quantity} such as ${WRITTEN_LIKE[quantity]}.`,
  'units.unknown-unit': ({ text, unit, quantity }) =>
    `'${unit}' in '${text}' is no unit of ${quantity}. Use ${UNITS_OF[quantity]}.`,
  'units.unknown-assumed-unit': ({ unit, quantity }) =>
    `'${unit}' is no unit of ${quantity} to take for granted. Use ${UNITS_OF[quantity]}.`,
  'units.no-unit': ({ text, quantity }) => `'${text}' has no unit. Add ${UNITS_OF[quantity]}.`,
  'units.negative': ({ text, quantity }) => `'${text}' is below zero; a ${quantity} is zero or more.`,
  'units.zero-denominator': ({ text }) => `'${text}' divides by zero. Write a fraction such as 3/8.`,
  'units.below-absolute-zero': ({ text }) => `'${text}' is colder than anything can be, -273.15 C.`,
  'units.too-large': ({ text }) => `'${text}' is too large a number.`,
  'hook.not-a-size': ({ text }) => `'${text}' is not a hook size. Write 6 or #6 for numbers, 3/0 for aughts.`,
  'metal.shares-off': ({ sum }) =>
    `The shares add up to ${n(sum, 8)}; they must add up to 1 (100 % of the metal).`,
  'cavity.no-room': ({ displacedCm3, cavityVolumeCm3 }) =>
    `The hook and pins take ${n(displacedCm3)} cm3 of a cavity of ${n(cavityVolumeCm3)} cm3: no room for metal.`,
  'plan.no-molds': () => 'There is no mold to pour. Add one.',
  'plan.nobody-makes': ({ keys }) =>
    `No mold makes ${list(keys)}. Add a mold with such a cavity, or buy these in.`,
  'plan.too-few-pours': ({ keys }) =>
    `The pours allowed are too few for ${list(keys)}. Raise maxPours or add a mold.`,
  'plan.same-mold-twice': ({ id }) => `Mold '${id}' stands twice. Give each its own id, or use copies.`,
  'plan.unfinished': ({ seconds }) =>
    `No plan was found in ${n(seconds)} s. Give it longer or plan fewer lines.`,
  'budget.heel-fills-pot': ({ heelG, potCapacityG }) =>
    `A heel of ${n(heelG)} g fills the pot of ${n(potCapacityG)} g. The heel must be under the capacity.`,
  'budget.all-scrap': ({ scrapShare }) =>
    `A scrap share of ${n(scrapShare)} leaves no good casting; it must be under 1.`,
  'budget.all-dross': ({ drossShare }) =>
    `A dross share of ${n(drossShare)} leaves no metal; it must be under 1.`,
  'number.not-finite': ({ name }) => `The numbers given to ${name} are too large to compute with.`,
};

/**
 * The sentence for a problem: what is wrong and what would be right.
 *
 * @example sentence({ code: 'plan.no-molds', facts: {}, path: [] }) // 'There is no mold to pour. Add one.'
 */
export function sentence(problem: Problem): string {
  const speak = SENTENCES[problem.code] as (facts: Problem['facts']) => string;
  return speak(problem.facts);
}

function list(names: readonly string[]): string {
  const shown = names.slice(0, 6).map((name) => `'${name}'`);
  const more = names.length - shown.length;
  if (more > 0) return `${shown.join(', ')} and ${more} more`;
  return shown.length > 1 ? `${shown.slice(0, -1).join(', ')} and ${shown.at(-1)}` : shown.join('');
}
