import { metalFamily } from './metal-family';

export interface PouredMetal {
  readonly id: string;
  /** Mass shares by element; null where nobody knows. */
  readonly composition: Readonly<Record<string, number>> | null;
}

/** What spoils which: a trace of the later in the pot does the earlier no good, the other way round it matters less. */
const RANKS = ['lead-free', 'bismuth', 'soft lead', 'hard lead', 'unknown', 'zinc'] as const;

export type MetalRank = (typeof RANKS)[number];

const HARD_ANTIMONY = 0.005;

/**
 * Where a metal stands in the order of an evening.
 *
 * @example rankMetal({ id: 'a', composition: { Pb: 0.96, Sb: 0.04 } }) // 'hard lead'
 */
export function rankMetal({ composition }: PouredMetal): MetalRank {
  switch (metalFamily(composition)) {
    case null:
      return 'unknown';
    case 'zinc':
      return 'zinc';
    case 'bismuth':
      return 'bismuth';
    case 'lead':
      return (composition?.Sb ?? 0) < HARD_ANTIMONY ? 'soft lead' : 'hard lead';
    default:
      return 'lead-free';
  }
}

/**
 * Metals in the order in which they are poured in one evening: lead-free before lead, so that no lead gets into it, and tin
 * before bismuth, of which a trace melts it; soft before hard; what nobody knows after that; zinc last, and in a pot of its own. Like ones keep their order.
 *
 * @example orderMetals([lead, pewter]).map(({ id }) => id) // ['pewter', 'lead']
 */
export function orderMetals<Metal extends PouredMetal>(metals: readonly Metal[]): Metal[] {
  const rank = (metal: Metal) => RANKS.indexOf(rankMetal(metal));
  return [...metals].sort((a, b) => rank(a) - rank(b));
}
