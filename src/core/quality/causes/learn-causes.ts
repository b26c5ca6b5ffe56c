import { CAUSE_IDS, SYMPTOMS, type CauseId, type CauseShares, type Symptom } from './cause';
import { clueLikelihoods, type Clues } from './clues';
import { TRADE_TABLE, type CauseTable } from './trade-table';

/** Castings of the past that were not right. */
export interface Finding {
  readonly symptom: Symptom;
  readonly clues: Clues;
  readonly count: number;
  /** What the maker found it to be; null where nobody said. */
  readonly cause: CauseId | null;
}

export interface LearnedCauses {
  readonly table: CauseTable;
  /** How much of each symptom's row comes of the maker's own runs, of 1. */
  readonly ownShare: Readonly<Record<Symptom, number>>;
}

/** The trade's rules count as much as so many castings. */
const TRADE_WEIGHT = 10;
/** A casting that only its clues speak for counts so much of one whose cause the maker named. */
const CLUE_WEIGHT = 0.25;

/**
 * The cause table learned from a bench's own findings. It starts from the trade's rules, which count as ten
 * castings a symptom; a cause that the maker named counts whole, and a casting of which only the clues are known is
 * shared out over the causes by how well they explain it, at a quarter (one step of expectation-maximization).
 *
 * @example learnCauses([]).table.flash['not-closed'] === TRADE_TABLE.flash['not-closed'] // true
 */
export function learnCauses(findings: readonly Finding[]): LearnedCauses {
  const rows = SYMPTOMS.map((symptom) => {
    const counts = new Map(CAUSE_IDS.map((id) => [id, TRADE_TABLE[symptom][id] * TRADE_WEIGHT]));
    const add = (id: CauseId, by: number) => counts.set(id, (counts.get(id) ?? 0) + by);
    for (const { clues, count, cause } of findings.filter((each) => each.symptom === symptom)) {
      if (cause !== null) add(cause, count);
      else if (Object.values(clues).some((clue) => clue !== null)) {
        const likely = clueLikelihoods(clues);
        const joint = CAUSE_IDS.map((id) => TRADE_TABLE[symptom][id] * likely[id]);
        const total = joint.reduce((so, each) => so + each, 0);
        CAUSE_IDS.forEach((id, index) => add(id, (CLUE_WEIGHT * count * (joint[index] ?? 0)) / total));
      }
    }
    const total = [...counts.values()].reduce((so, each) => so + each, 0);
    const shares = Object.fromEntries(
      [...counts].map(([id, each]) => [id, each / total]),
    ) as unknown as CauseShares;
    return { symptom, shares, own: 1 - TRADE_WEIGHT / total };
  });
  return {
    table: Object.fromEntries(rows.map(({ symptom, shares }) => [symptom, shares])) as CauseTable,
    ownShare: Object.fromEntries(rows.map(({ symptom, own }) => [symptom, own])) as LearnedCauses['ownShare'],
  };
}
