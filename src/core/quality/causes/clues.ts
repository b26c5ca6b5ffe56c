import { byCause, CAUSE_IDS, type CauseShares } from './cause';

/** What the records themselves say about a symptom, without asking; null where they do not. */
export interface Clues {
  /** How the pot stood against what this section wants. */
  readonly pot: 'cold' | 'right' | 'hot' | null;
  /** Whether it was among the first pours of the block. */
  readonly pour: 'first' | 'later' | null;
  /** Whether one cavity alone shows it. */
  readonly spread: 'one' | 'many' | null;
  /** How a weight strays: one casting, from one on, little by little, or from the first. */
  readonly pattern: 'single' | 'at-once' | 'creeping' | 'always' | null;
}

export const NO_CLUES: Clues = { pot: null, pour: null, spread: null, pattern: null };

/** Pours of a block that count as its first. */
export const FIRST_POURS = 3;

type Likelihoods<Value extends string> = Readonly<Record<Value, CauseShares>>;

function summedToOne<Value extends string>(odds: Likelihoods<Value>): Likelihoods<Value> {
  const rows = Object.entries<CauseShares>(odds);
  const total = (id: keyof CauseShares) => rows.reduce((so, [, shares]) => so + shares[id], 0);
  return Object.fromEntries(
    rows.map(([value, shares]) => [
      value,
      Object.fromEntries(CAUSE_IDS.map((id) => [id, shares[id] / total(id)])),
    ]),
  ) as Likelihoods<Value>;
}

/** How likely a clue is under each cause (common practice, in round figures). Each clue's values sum to 1 a cause. */
const POT: Likelihoods<'cold' | 'right' | 'hot'> = {
  cold: byCause({ 'cold-pot': 0.85, 'hot-pot': 0.02, 'hot-block': 0.08 }, 0.15),
  right: byCause({ 'cold-pot': 0.13, 'hot-pot': 0.18, 'hot-block': 0.62 }, 0.7),
  hot: byCause({ 'cold-pot': 0.02, 'hot-pot': 0.8, 'hot-block': 0.3 }, 0.15),
};
const POUR: Likelihoods<'first' | 'later'> = {
  first: byCause({ 'cold-block': 0.8, 'hot-block': 0.02, damp: 0.35, 'hot-pot': 0.1 }, 0.15),
  later: byCause({ 'cold-block': 0.2, 'hot-block': 0.98, damp: 0.65, 'hot-pot': 0.9 }, 0.85),
};
const SPREAD: Likelihoods<'one' | 'many'> = {
  one: byCause(
    {
      'cold-block': 0.25,
      'cold-pot': 0.15,
      'hot-pot': 0.15,
      'hot-block': 0.2,
      'not-closed': 0.4,
      blocked: 0.92,
      worn: 0.88,
      'seated-wrong': 0.85,
      'other-alloy': 0.02,
      'scale-off': 0.03,
      'dirty-metal': 0.25,
    },
    0.45,
  ),
  many: byCause(
    {
      'cold-block': 0.75,
      'cold-pot': 0.85,
      'hot-pot': 0.85,
      'hot-block': 0.8,
      'not-closed': 0.6,
      blocked: 0.08,
      worn: 0.12,
      'seated-wrong': 0.15,
      'other-alloy': 0.98,
      'scale-off': 0.97,
      'dirty-metal': 0.75,
    },
    0.55,
  ),
};
const PATTERN = summedToOne<'single' | 'at-once' | 'creeping' | 'always'>({
  single: byCause(
    { 'weak-stream': 0.7, 'seated-wrong': 0.7, worn: 0.02, 'other-alloy': 0.02, blocked: 0.1 },
    0.3,
  ),
  'at-once': byCause(
    {
      'not-closed': 0.5,
      blocked: 0.5,
      'other-hardware': 0.6,
      'weak-stream': 0.1,
      worn: 0.05,
      'other-alloy': 0.13,
    },
    0.3,
  ),
  creeping: byCause(
    {
      'cold-block': 0.6,
      'hot-block': 0.5,
      'not-closed': 0.1,
      worn: 0.13,
      'weak-stream': 0.1,
      'other-alloy': 0.05,
    },
    0.15,
  ),
  always: byCause(
    {
      worn: 0.8,
      'other-alloy': 0.8,
      'cold-block': 0.05,
      'weak-stream': 0.1,
      'not-closed': 0.2,
      'scale-off': 0.6,
    },
    0.25,
  ),
});

/**
 * How likely these clues are under each cause, each taken by itself.
 *
 * @example clueLikelihoods({ ...NO_CLUES, pot: 'cold' })['cold-pot'] // 0.85
 */
export function clueLikelihoods({ pot, pour, spread, pattern }: Clues): CauseShares {
  const given = [
    ...(pot ? [POT[pot]] : []),
    ...(pour ? [POUR[pour]] : []),
    ...(spread ? [SPREAD[spread]] : []),
    ...(pattern ? [PATTERN[pattern]] : []),
  ];
  const all = byCause({}, 1);
  return given.reduce<CauseShares>(
    (so, each) =>
      Object.fromEntries(
        Object.entries(so).map(([id, share]) => [id, share * each[id as keyof CauseShares]]),
      ) as CauseShares,
    all,
  );
}
