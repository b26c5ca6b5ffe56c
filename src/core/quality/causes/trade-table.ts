import { CAUSE_IDS, SYMPTOMS, byCause, type CauseId, type CauseShares, type Symptom } from './cause';

/** How often each symptom comes of each cause. */
export type CauseTable = Readonly<Record<Symptom, CauseShares>>;

/**
 * The trade's rules as odds: of ten castings that look so, how many come of each cause (common practice; guesses
 * until the maker's own runs say better). What is not named is rare.
 */
const ODDS: Readonly<Record<Symptom, Partial<Record<CauseId, number>>>> = {
  wrinkled: { 'cold-block': 4.5, 'cold-pot': 2.5, 'weak-stream': 1.5, damp: 0.8, 'dirty-metal': 0.5 },
  short: { 'cold-block': 3, 'cold-pot': 2.5, blocked: 2, 'weak-stream': 2 },
  frosty: { 'hot-pot': 5, 'hot-block': 4, 'other-alloy': 0.4 },
  flash: { 'not-closed': 6.5, 'hot-pot': 1.5, worn: 1, 'hot-block': 0.7 },
  shifted: { 'not-closed': 5, worn: 3.5, 'opened-early': 1 },
  porous: {
    damp: 3,
    'hot-block': 2,
    'dirty-metal': 1.8,
    'opened-early': 1.2,
    'weak-stream': 1,
    'hot-pot': 0.8,
  },
  'bent-hook': { 'seated-wrong': 6.5, 'opened-early': 2, 'not-closed': 1 },
  'metal-in-eye': { 'seated-wrong': 5, 'not-closed': 2, worn: 1.5, 'hot-pot': 1 },
  light: {
    'cold-block': 2.5,
    'other-alloy': 2,
    'weak-stream': 1.2,
    blocked: 1.2,
    'cold-pot': 1.2,
    'other-hardware': 0.8,
    damp: 0.6,
    'scale-off': 0.5,
  },
  heavy: {
    'not-closed': 4,
    'other-alloy': 2,
    worn: 1.8,
    'other-hardware': 0.8,
    'hot-pot': 0.6,
    'scale-off': 0.6,
  },
};

const RARE = 0.05;

function sharesOf(odds: Partial<Record<CauseId, number>>): CauseShares {
  const all = byCause(odds, RARE);
  const total = CAUSE_IDS.reduce((so, id) => so + all[id], 0);
  return Object.fromEntries(CAUSE_IDS.map((id) => [id, all[id] / total])) as CauseShares;
}

/** The trade's rules, as shares. */
export const TRADE_TABLE: CauseTable = Object.fromEntries(
  SYMPTOMS.map((symptom) => [symptom, sharesOf(ODDS[symptom])]),
) as CauseTable;
