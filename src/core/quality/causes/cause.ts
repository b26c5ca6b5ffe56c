import { FLAW_KINDS } from '../flaws';

/** What is seen of a casting that is not right: a flaw, or a weight that strays. */
export const SYMPTOMS = [...FLAW_KINDS, 'light', 'heavy'] as const;

export type Symptom = (typeof SYMPTOMS)[number];

/** Why a casting is not right, in the order in which a maker meets them. */
export const CAUSE_IDS = [
  'cold-block',
  'cold-pot',
  'hot-pot',
  'hot-block',
  'weak-stream',
  'blocked',
  'not-closed',
  'opened-early',
  'seated-wrong',
  'damp',
  'dirty-metal',
  'other-alloy',
  'other-hardware',
  'worn',
  'scale-off',
] as const;

export type CauseId = (typeof CAUSE_IDS)[number];

export interface Cause {
  readonly id: CauseId;
  readonly name: string;
  /** What to change. */
  readonly mend: string;
}

/** A share for each cause. */
export type CauseShares = Readonly<Record<CauseId, number>>;

/**
 * A table over all causes from one value for each; those not named take the other.
 *
 * @example byCause({ worn: 0.8 }, 0.1).damp // 0.1
 */
export function byCause(named: Partial<Record<CauseId, number>>, otherwise: number): CauseShares {
  return Object.fromEntries(CAUSE_IDS.map((id) => [id, named[id] ?? otherwise])) as CauseShares;
}
