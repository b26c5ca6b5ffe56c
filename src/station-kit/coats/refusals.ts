import { candidateCures } from '@/core/coats/candidate-cures';
import { SOLIDUS_MARGIN_C } from '@/core/coats/check-cure';
import { cureSentences } from '@/text/cure-sentence';
import { sentence } from '@/text/sentence';
import { IN_BASE_UNITS } from '@/text/writer';
import { fail } from '@/core/problems/problem';
import type { PowderBin } from '@/records/bin';
import type { BenchFacts } from '@/model/bench/bench-facts';
import type { TicketLine } from '@/records/ticket';
import type { Coat } from '@/records/coat';
import { solidusOf, powdersOf, judgeFor, type Bins } from '@/model/coats/coat-facts';

/** What a refusal calls things. */
export function nameIn({ binById }: Bins): (id: string) => string {
  return (id) => binById.get(id)?.name ?? 'a metal that nobody noted';
}

/** How a temperature is written. */
export type WriteC = (celsius: number) => string;

/**
 * Why heads of a metal cannot get a color, worst first; empty where they can. A paint that dries in the air suits any.
 *
 * @example refusalsOf(coat, 'lot-19', view, writeC)[0] // 'Oven at 177 C would melt Lot 19, bismuth-tin (138.5 C). ...'
 */
export function refusalsOf(
  coat: Pick<Coat, 'base' | 'second' | 'clearBinId'>,
  metalBinId: string | null,
  view: Bins,
  writeC: WriteC,
): string[] {
  const powders = powdersOf(coat, view);
  if (powders.length === 0) return [];
  const judged = candidateCures(powders).map((cure) => judgeFor(cure, powders, [metalBinId], view));
  if (judged.some(({ isGood }) => isGood)) return softensFirst(powders, metalBinId, view, writeC);
  const [nearest] = judged.sort((a, b) => a.reasons.length - b.reasons.length);
  return nearest ? cureSentences(nearest, nameIn(view), writeC) : [];
}

/**
 * Why a line of a ticket cannot get its color. A line without a color has nothing to refuse; of one that names no metal
 * nobody knows yet what it will be: the heads themselves are held against the color where they are hung.
 */
export function refusalsOfLine(
  { coatId, metalBinId }: Pick<TicketLine, 'coatId' | 'metalBinId'>,
  view: Bins & Pick<BenchFacts, 'coatById'>,
  writeC: WriteC,
): string[] {
  const coat = view.coatById.get(coatId ?? '');
  return coat && metalBinId !== null ? refusalsOf(coat, metalBinId, view, writeC) : [];
}

/**
 * Why heads of a metal cannot even be heated, dipped and hung, with no oven after it; empty where they can. A metal that
 * nobody knows may not bear the heat that the powder needs.
 *
 * @example dipRefusalsOf(coat, null, view, writeC)[0] // 'Nobody knows what ...'
 */
export function dipRefusalsOf(
  coat: Pick<Coat, 'base' | 'second' | 'clearBinId'>,
  metalBinId: string | null,
  view: Bins,
  writeC: WriteC,
): string[] {
  const powders = powdersOf(coat, view);
  if (powders.length === 0) return [];
  if (solidusOf(metalBinId, view) === null) return refusalsOf(coat, metalBinId, view, writeC).slice(0, 1);
  return softensFirst(powders, metalBinId, view, writeC);
}

/** The metal may go soft before the powder even sticks to it. */
function softensFirst(
  powders: readonly PowderBin[],
  metalBinId: string | null,
  view: Bins,
  writeC: WriteC,
): string[] {
  const solidusC = solidusOf(metalBinId, view);
  const fuseC = Math.max(...powders.map((powder) => powder.fuseC));
  if (solidusC === null) return [];
  const softenC = solidusC - SOLIDUS_MARGIN_C;
  if (softenC > fuseC) return [];
  const { problem } = fail('coat.softens-first', { softenC, fuseC, solidusC });
  return [sentence(problem, { ...IN_BASE_UNITS, temperature: writeC })];
}
