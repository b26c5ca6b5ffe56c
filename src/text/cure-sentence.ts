import type { CureJudgment, CureReason } from '@/core/coats/judge-cure';
import { numberText as n } from './number-text';

/** How metals and powders are called, by id. */
export type NameOf = (id: string) => string;

/**
 * Why a cure is refused, in words: what would happen, with both temperatures, and what to do. Worst first.
 *
 * @example
 * cureSentences(judgment, nameOf)
 * // ['Oven at 177 C would melt Lot 19, bismuth-tin (138.5 C). Keep it under 113.5 C with a powder that cures so low, ...']
 */
export function cureSentences(
  judgment: CureJudgment,
  nameOf: NameOf,
  writeC: (celsius: number) => string = (celsius) => `${n(celsius)} C`,
): string[] {
  return judgment.reasons.map((reason) => sentenceOf(reason, judgment, nameOf, writeC));
}

function sentenceOf(
  reason: CureReason,
  { ovenC, mostOvenC }: CureJudgment,
  nameOf: NameOf,
  writeC: (celsius: number) => string,
): string {
  const mend =
    mostOvenC === null
      ? ''
      : ` Keep it under ${writeC(mostOvenC)} with a powder that cures so low, air-dry a paint, or take another metal.`;
  switch (reason.verdict) {
    case 'melts':
      return `Oven at ${writeC(ovenC)} would melt ${nameOf(reason.metalId)} (${writeC(reason.solidusC)}).${mend}`;
    case 'softens':
      return `Oven at ${writeC(ovenC)} would soften ${nameOf(reason.metalId)}: it begins to melt at ${writeC(reason.solidusC)}.${mend}`;
    case 'unknown':
      return `Nobody knows what ${nameOf(reason.metalId)} is, so nobody knows what heat it bears. Find out on the Metal station first.`;
    case 'scorches':
      return `Oven at ${writeC(ovenC)} would scorch ${nameOf(reason.powderId)}: its card says never over ${writeC(reason.maxC)}. Lower the oven.`;
    case 'undercured':
      return `${nameOf(reason.powderId)} would not be cured: its card asks for ${writeC(reason.cureC)} for ${n(reason.cureMin)} min.`;
  }
}
