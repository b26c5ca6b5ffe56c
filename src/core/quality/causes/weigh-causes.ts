import { CAUSE_IDS, type CauseId, type CauseShares, type Symptom } from './cause';
import { CHECKS } from './checks';
import { clueLikelihoods, type Clues } from './clues';
import type { CauseTable } from './trade-table';

export interface Answer {
  readonly check: string;
  readonly isYes: boolean;
}

export interface WeighedCause {
  readonly cause: CauseId;
  /** How much speaks for it, of 1. */
  readonly share: number;
}

/**
 * How likely each cause is, most likely first: the table's share for the symptom, times how likely the clues and
 * the answers so far are under it, each taken by itself (Bayes), brought to a sum of 1.
 *
 * @example weighCauses(TRADE_TABLE, 'flash', NO_CLUES)[0].cause // 'not-closed'
 */
export function weighCauses(
  table: CauseTable,
  symptom: Symptom,
  clues: Clues,
  answers: readonly Answer[] = [],
): WeighedCause[] {
  const likely = clueLikelihoods(clues);
  const raw = CAUSE_IDS.map((cause) => ({
    cause,
    share: answers.reduce(
      (so, answer) => so * answerLikelihood(answer)[cause],
      table[symptom][cause] * likely[cause],
    ),
  }));
  const total = raw.reduce((so, { share }) => so + share, 0);
  return raw
    .map(({ cause, share }) => ({ cause, share: share / total }))
    .sort((a, b) => b.share - a.share || CAUSE_IDS.indexOf(a.cause) - CAUSE_IDS.indexOf(b.cause));
}

function answerLikelihood({ check, isYes }: Answer): CauseShares {
  const found = CHECKS.find(({ id }) => id === check);
  if (!found) throw new RangeError(`weighCauses requires answers to its checks, not to '${check}'`);
  const { yes } = found;
  return isYes
    ? yes
    : (Object.fromEntries(CAUSE_IDS.map((id) => [id, 1 - yes[id]])) as unknown as CauseShares);
}
