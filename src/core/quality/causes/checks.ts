import { byCause, type CauseShares } from './cause';

/** Something a maker can look at or try, and what the answer says. */
export interface Check {
  readonly id: string;
  /** A question that is answered by yes or no. */
  readonly ask: string;
  /** How likely a yes is under each cause (common practice). */
  readonly yes: CauseShares;
}

/** Every check, cheapest first. */
export const CHECKS: readonly Check[] = [
  {
    id: 'seam',
    ask: 'Does a nail catch on a fin or a step along the parting line?',
    yes: byCause({ 'not-closed': 0.93, worn: 0.4, 'hot-pot': 0.3 }, 0.07),
  },
  {
    id: 'known-weight',
    ask: 'Does a known weight read wrong on the scale?',
    yes: byCause({ 'scale-off': 0.97 }, 0.02),
  },
  {
    id: 'gate',
    ask: 'Is there soot, dross or a crumb of metal in this gate or vent?',
    yes: byCause({ blocked: 0.9, 'dirty-metal': 0.3, 'not-closed': 0.25 }, 0.06),
  },
  {
    id: 'thermometer',
    ask: 'Does a thermometer stand under what this head wants?',
    yes: byCause({ 'cold-pot': 0.93, 'hot-pot': 0.02, 'hot-block': 0.05 }, 0.12),
  },
  {
    id: 'overheated',
    ask: 'Does a thermometer stand over what this head wants?',
    yes: byCause({ 'hot-pot': 0.93, 'cold-pot': 0.01, 'hot-block': 0.35 }, 0.1),
  },
  {
    id: 'next-three',
    ask: 'Poured quickly one after another, do the next three come out right?',
    yes: byCause(
      { 'cold-block': 0.9, 'weak-stream': 0.55, 'opened-early': 0.2, 'hot-block': 0.04, damp: 0.35 },
      0.06,
    ),
  },
  {
    id: 'rested',
    ask: 'After a minute open on the bench, does the next come out right?',
    yes: byCause({ 'hot-block': 0.9, 'hot-pot': 0.25, 'opened-early': 0.2, 'cold-block': 0.02 }, 0.06),
  },
  {
    id: 'other-cavity',
    ask: 'Are three castings of another cavity off by the same share?',
    yes: byCause(
      { 'other-alloy': 0.96, 'scale-off': 0.93, 'cold-pot': 0.35, 'cold-block': 0.3, 'other-hardware': 0.5 },
      0.06,
    ),
  },
  {
    id: 'hooks',
    ask: 'Do ten of these hooks weigh other than the shelf says?',
    yes: byCause({ 'other-hardware': 0.93, 'scale-off': 0.6 }, 0.04),
  },
  {
    id: 'cut',
    ask: 'Cut through, does one show holes inside?',
    yes: byCause(
      { damp: 0.85, 'dirty-metal': 0.7, 'hot-block': 0.5, 'weak-stream': 0.3, 'hot-pot': 0.35 },
      0.05,
    ),
  },
  {
    id: 'slot',
    ask: 'Does the hook or pin rock in its slot when the block is open?',
    yes: byCause({ 'seated-wrong': 0.85, worn: 0.45, 'other-hardware': 0.4 }, 0.06),
  },
  {
    id: 'fit',
    ask: 'Closed and empty, does the block let light through?',
    yes: byCause({ worn: 0.75, 'not-closed': 0.55 }, 0.04),
  },
  {
    id: 'density',
    ask: 'Weighed in water, is one of another density than its lot?',
    yes: byCause({ 'other-alloy': 0.95, 'dirty-metal': 0.3, damp: 0.35 }, 0.05),
  },
];
