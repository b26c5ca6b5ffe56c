import { candidateCures } from '@/core/coats/candidate-cures';
import type { CureTime } from '@/core/coats/cures/definition';
import { judgeCure, type CureJudgment } from '@/core/coats/judge-cure';
import type { PowderBin } from '@/records/bin';
import type { Coat } from '@/records/coat';
import { rangeOf } from '@/reference/range-of';
import type { BenchFacts } from '../bench/bench-facts';
import { listedMetal } from '../metals/listed-metal';

export type Bins = Pick<BenchFacts, 'binById'>;

/** Where a lot, or a listed metal, begins to melt, C; null where nobody knows what it is. */
export function solidusOf(metalId: string | null, { binById }: Bins): number | null {
  const listed = listedMetal(metalId);
  if (listed) return listed.solidusC;
  const bin = metalId === null ? undefined : binById.get(metalId);
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
function metalsOf(metalBinIds: readonly (string | null)[], view: Bins) {
  return [...new Set(metalBinIds)].map((id) => ({ id: id ?? '', solidusC: solidusOf(id, view) }));
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

/** Every cure that suits some powders on some metals. */
export function curesFor(
  powders: readonly PowderBin[],
  metalBinIds: readonly (string | null)[],
  view: Bins,
): CureTime[] {
  return candidateCures(powders).filter((cure) => judgeFor(cure, powders, metalBinIds, view).isGood);
}
