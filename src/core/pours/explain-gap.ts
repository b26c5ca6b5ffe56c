/** What is known of a run when its books do not close, g. */
export interface GapFacts {
  readonly unaccountedG: number;
  /** What was poured: castings and sprues. */
  readonly pouredG: number;
  readonly drossG: number;
  /** The maker's usual share of the melt that is skimmed. */
  readonly usualDrossShare: number;
  /** Sprue of a middling pour. */
  readonly spruePerPourG: number;
  /** The heaviest casting, metal alone. */
  readonly castingG: number;
  /** Hooks in the good castings, all together. */
  readonly hooksG: number;
  readonly heelG: number;
  readonly pours: number;
  /** The scale's smallest step, and how many times it was used. */
  readonly scaleStepG: number;
  readonly weighings: number;
}

export type GapReason =
  | 'scale'
  | 'drips'
  | 'dross'
  | 'sprues'
  | 'castings'
  | 'hooks-as-metal'
  | 'heel-missed'
  | 'heel-not-counted'
  | 'charge';

export interface RankedReason {
  readonly reason: GapReason;
  /** The gap that this would leave, from and to, g. */
  readonly fromG: number;
  readonly toG: number;
  /** Whether the gap is of that size. */
  readonly isLikely: boolean;
}

/** Drops on the bench and on the block, of what is poured: a steady hand to a poor one (trade's rule). */
const DRIP_SHARE = [0.001, 0.012] as const;
/** Dross left on the pot's wall and rim, or swept away unweighed, of the usual. */
const LOST_DROSS_SHARE = [0.15, 1] as const;

/**
 * The usual reasons for a gap in a run's books, the ones of its size first: metal that went somewhere (over 0) or
 * that came from nowhere (under 0), in g. A reason is likely where the gap lies in the range that it would leave.
 *
 * @example explainGap({ ...facts, unaccountedG: 0.02 })[0].reason // 'scale'
 */
export function explainGap(facts: GapFacts): RankedReason[] {
  const { unaccountedG: gap } = facts;
  const scaleG = facts.scaleStepG * Math.max(1, Math.sqrt(facts.weighings));
  const usualDrossG = (facts.pouredG * facts.usualDrossShare) / (1 - facts.usualDrossShare);
  const missing: readonly [GapReason, number, number][] = [
    ['scale', -scaleG, scaleG],
    ['drips', DRIP_SHARE[0] * facts.pouredG, DRIP_SHARE[1] * facts.pouredG],
    ['dross', LOST_DROSS_SHARE[0] * usualDrossG, Math.max(0, usualDrossG - facts.drossG) + usualDrossG],
    ['castings', 0.9 * facts.castingG, 5.1 * facts.castingG],
    ['sprues', 0.8 * facts.spruePerPourG, Math.max(1, facts.pours) * facts.spruePerPourG],
    ['heel-missed', 0.5 * facts.heelG, 1.2 * facts.heelG],
  ];
  const extra: readonly [GapReason, number, number][] = [
    ['scale', -scaleG, scaleG],
    ['hooks-as-metal', -1.05 * facts.hooksG, -0.3 * facts.hooksG],
    ['heel-not-counted', -1.2 * facts.heelG, -0.5 * facts.heelG],
    ['charge', -Infinity, -5 * scaleG],
  ];
  const isLost = gap >= 0;
  const ranges = (isLost ? missing : extra).filter(([, fromG, toG]) => fromG !== toG);
  return ranges
    .map(([reason, fromG, toG]) => ({ reason, fromG, toG, isLikely: gap >= fromG && gap <= toG }))
    .sort((a, b) => Number(b.isLikely) - Number(a.isLikely));
}
