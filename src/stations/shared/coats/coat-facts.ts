import { candidateCures } from '@/core/coats/candidate-cures';
import { SOLIDUS_MARGIN_C } from '@/core/coats/check-cure';
import type { CureTime } from '@/core/coats/cures/definition';
import { judgeCure, type CureJudgment } from '@/core/coats/judge-cure';
import { cureSentences } from '@/messages/cure-sentence';
import { numberText } from '@/messages/number-text';
import { sentence } from '@/messages/sentence';
import { fail } from '@/core/problems/problem';
import type { Bin, PowderBin } from '@/records/bin';
import type { Coat } from '@/records/coat';
import { rangeOf } from '@/reference/range-of';
import type { BenchView } from '../bench-view';

type Bins = Pick<BenchView, 'binById'>;

/** Where a lot begins to melt, C; null where nobody knows what it is. */
export function solidusOf(bin: Bin | undefined): number | null {
  return bin?.kind === 'metal' ? (rangeOf(bin.composition)?.solidusC ?? null) : null;
}

/** The powders of a recipe, base first. */
export function powdersOf(
  coat: Pick<Coat, 'base' | 'second' | 'clearBinId'>,
  { binById }: Bins,
): PowderBin[] {
  const ids = [
    coat.base.kind === 'powder' ? coat.base.powderBinId : null,
    coat.second?.powderBinId ?? null,
    coat.clearBinId,
  ];
  return ids.flatMap((id) => {
    const bin = id === null ? undefined : binById.get(id);
    return bin?.kind === 'powder' ? [bin] : [];
  });
}

/** The metals of some lots as a cure sees them. Heads from elsewhere, of which nobody knows the lot, are unknown. */
function metalsOf(metalBinIds: readonly (string | null)[], { binById }: Bins) {
  return [...new Set(metalBinIds)].map((id) => ({
    id: id ?? '',
    solidusC: id === null ? null : solidusOf(binById.get(id)),
  }));
}

/** A cure held against what shares the rack. */
export function judgeFor(
  cure: CureTime,
  powders: readonly PowderBin[],
  metalBinIds: readonly (string | null)[],
  view: Bins,
): CureJudgment {
  return judgeCure(cure, powders, metalsOf(metalBinIds, view));
}

/** What a refusal calls things. */
export function nameIn({ binById }: Bins): (id: string) => string {
  return (id) => binById.get(id)?.name ?? 'a metal that nobody noted';
}

/** Every cure that suits some powders on some metals. */
export function curesFor(
  powders: readonly PowderBin[],
  metalBinIds: readonly (string | null)[],
  view: Bins,
): CureTime[] {
  return candidateCures(powders).filter((cure) => judgeFor(cure, powders, metalBinIds, view).isGood);
}

/** How a temperature is written. */
export type WriteC = (celsius: number) => string;

const inC: WriteC = (celsius) => `${numberText(celsius)} C`;

/**
 * Why heads of a metal cannot get a color, worst first; empty where they can. A paint that dries in the air suits any.
 *
 * @example refusalsOf(coat, 'lot-19', view)[0] // 'Oven at 177 C would melt Lot 19, bismuth-tin (138.5 C). ...'
 */
export function refusalsOf(
  coat: Pick<Coat, 'base' | 'second' | 'clearBinId'>,
  metalBinId: string | null,
  view: Bins,
  writeC: WriteC = inC,
): string[] {
  const powders = powdersOf(coat, view);
  if (powders.length === 0) return [];
  const judged = candidateCures(powders).map((cure) => judgeFor(cure, powders, [metalBinId], view));
  if (judged.some(({ isGood }) => isGood)) return softensFirst(powders, metalBinId, view);
  const [nearest] = judged.sort((a, b) => a.reasons.length - b.reasons.length);
  return nearest ? cureSentences(nearest, nameIn(view), writeC) : [];
}

/** The metal may go soft before the powder even sticks to it. */
function softensFirst(powders: readonly PowderBin[], metalBinId: string | null, { binById }: Bins): string[] {
  const solidusC = solidusOf(binById.get(metalBinId ?? ''));
  const fuseC = Math.max(...powders.map((powder) => powder.fuseC));
  if (solidusC === null) return [];
  const softenC = solidusC - SOLIDUS_MARGIN_C;
  return softenC <= fuseC ? [sentence(fail('coat.softens-first', { softenC, fuseC, solidusC }).problem)] : [];
}
