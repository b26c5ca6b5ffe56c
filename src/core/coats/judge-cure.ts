import { checkCure, CURE_VERDICTS, SOLIDUS_MARGIN_C, type CureVerdict } from './check-cure';
import type { CureTime, PowderCard } from './cures/definition';

export interface CuredPowder extends PowderCard {
  readonly id: string;
}

export interface CuredMetal {
  readonly id: string;
  /** Null where nobody knows what it is. */
  readonly solidusC: number | null;
}

/** What is wrong with a cure, and of what. */
export type CureReason =
  | { readonly verdict: 'melts' | 'softens'; readonly metalId: string; readonly solidusC: number }
  | { readonly verdict: 'unknown'; readonly metalId: string }
  | { readonly verdict: 'scorches'; readonly powderId: string; readonly maxC: number }
  | {
      readonly verdict: 'undercured';
      readonly powderId: string;
      readonly cureC: number;
      readonly cureMin: number;
    };

export interface CureJudgment {
  readonly isGood: boolean;
  /** Where the oven stands, C: what the part is to reach. */
  readonly ovenC: number;
  /** Worst first. */
  readonly reasons: readonly CureReason[];
  /** The hottest that the weakest metal bears in the oven, C; null where no metal sets one. */
  readonly mostOvenC: number | null;
}

const RANK = [...CURE_VERDICTS, 'unknown'];

/**
 * Whether a cure suits all the powders and metals that share a rack: the weakest metal decides, every powder must be
 * cured by one of its card's lines and none may scorch. A metal that nobody knows is not cured.
 *
 * @example judgeCure({ partC: 177, minutes: 15 }, [powder], [{ id: 'bismuth-tin', solidusC: 138 }]).isGood // false
 */
export function judgeCure(
  cure: CureTime,
  powders: readonly CuredPowder[],
  metals: readonly CuredMetal[],
): CureJudgment {
  const inOven = (solidusC: number) =>
    checkCure({ ...cure, powder: { cureC: -Infinity, cureMin: 0, maxC: Infinity }, solidusC }).verdict;
  const ofMetal = metals.flatMap(({ id, solidusC }): CureReason[] => {
    if (solidusC === null) return [{ verdict: 'unknown', metalId: id }];
    const verdict = inOven(solidusC);
    return verdict === 'melts' || verdict === 'softens' ? [{ verdict, metalId: id, solidusC }] : [];
  });
  const ofPowder = powders.flatMap(({ id, cures, maxC }): CureReason[] => {
    const verdicts = cures.map(
      (line) => checkCure({ ...cure, powder: { ...line, maxC: Infinity }, solidusC: Infinity }).verdict,
    );
    const [first] = cures;
    const isUnder = !verdicts.includes('cured');
    return [
      ...(cure.partC > maxC ? [{ verdict: 'scorches', powderId: id, maxC } as const] : []),
      ...(isUnder && first
        ? [{ verdict: 'undercured', powderId: id, cureC: first.cureC, cureMin: first.cureMin } as const]
        : []),
    ];
  });
  const rank = (verdict: CureVerdict | 'unknown') => RANK.indexOf(verdict);
  const reasons = [...ofMetal, ...ofPowder].sort((a, b) => rank(a.verdict) - rank(b.verdict));
  const solidi = metals.flatMap(({ solidusC }) => (solidusC === null ? [] : [solidusC]));
  return {
    isGood: reasons.length === 0,
    ovenC: cure.partC,
    reasons,
    mostOvenC: solidi.length > 0 ? Math.min(...solidi) - SOLIDUS_MARGIN_C : null,
  };
}
