import { sum } from '../numeric/sum';

/** What went into a run and what came out, weighed, g. */
export interface PotBalanceInput {
  readonly potStartG: number;
  readonly addedG: number;
  readonly goodG: number;
  readonly rejectedG: number;
  readonly sprueG: number;
  readonly drossG: number;
  /** Rejects and sprues thrown back into the pot while it ran. */
  readonly remeltedG: number;
  readonly potEndG: number;
}

export interface PotBalance {
  /** In less out: over 0 is metal that went somewhere, under 0 is metal from nowhere. */
  readonly unaccountedG: number;
  /** Of what left the pot; null where nothing did. */
  readonly unaccountedShare: number | null;
}

/**
 * What the books of a run cannot account for, in g: in = potStart + added + remelted; out = good + rejected +
 * sprue + dross + potEnd; unaccounted = in - out, as a share of in - potEnd.
 *
 * @example
 * balancePot({ potStartG: 2900, addedG: 0, goodG: 673, rejectedG: 40, sprueG: 148, drossG: 29,
 *   remeltedG: 0, potEndG: 2006 }) // { unaccountedG: 4, unaccountedShare: 4 / 894 }
 */
export function balancePot(input: PotBalanceInput): PotBalance {
  const inG = sum([input.potStartG, input.addedG, input.remeltedG]);
  const outG = sum([input.goodG, input.rejectedG, input.sprueG, input.drossG, input.potEndG]);
  const leftPotG = inG - input.potEndG;
  const unaccountedG = inG - outG;
  return { unaccountedG, unaccountedShare: leftPotG === 0 ? null : unaccountedG / leftPotG };
}
