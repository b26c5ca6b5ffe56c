import { COAT_CAUSE_IDS, COAT_FAULTS, type CoatCauseId, type CoatFaultId } from './faults';

/** Heads that were found so, and what the maker found it to be; null where nobody said. */
export interface FoundFault {
  readonly fault: CoatFaultId;
  readonly count: number;
  readonly cause: CoatCauseId | null;
}

export interface LikelyCause {
  readonly cause: CoatCauseId;
  /** Of 1. */
  readonly share: number;
}

/** The trade's rules count as much as so many heads. */
const TRADE_WEIGHT = 10;
const RARE = 0.05;

/**
 * What a fault comes of at this bench, likeliest first: the trade's rules, which count as ten heads, moved by every
 * head whose cause the maker named.
 *
 * @example likelyCauses('dry', [])[0].cause // 'too-cool'
 */
export function likelyCauses(fault: CoatFaultId, found: readonly FoundFault[]): LikelyCause[] {
  const odds = COAT_FAULTS.find(({ id }) => id === fault)?.odds ?? {};
  const trade = COAT_CAUSE_IDS.map((cause) => ({ cause, odds: odds[cause] ?? RARE }));
  const tradeTotal = trade.reduce((so, each) => so + each.odds, 0);
  const own = (cause: CoatCauseId) =>
    found
      .filter((each) => each.fault === fault && each.cause === cause)
      .reduce((so, { count }) => so + count, 0);
  const weighed = trade.map(({ cause, odds: each }) => ({
    cause,
    weight: (each / tradeTotal) * TRADE_WEIGHT + own(cause),
  }));
  const total = weighed.reduce((so, { weight }) => so + weight, 0);
  return weighed
    .map(({ cause, weight }) => ({ cause, share: weight / total }))
    .sort((a, b) => b.share - a.share || COAT_CAUSE_IDS.indexOf(a.cause) - COAT_CAUSE_IDS.indexOf(b.cause));
}
