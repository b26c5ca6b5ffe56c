import { done, type Outcome } from '../problems/problem';
import { castFromCavity } from './cast-from-cavity';
import { frameMass } from './marked-weight';
import type { CavityFacts, HookFacts, MetalFacts } from './facts';

/** Soft lead, in which blocks are marked. */
const MARKED_IN: MetalFacts = { id: 'soft-lead', densityGcm3: 11.34, shrinkLinear: 0.0089 };

export interface FinishedWeight {
  /** Poured in, g. */
  readonly metalG: number;
  /** With all that stays in it, g. */
  readonly finishedG: number;
}

/**
 * What a casting of a cavity weighs in a metal, on a hook or bare, g: by its room where that was measured; where nobody weighed
 * it, by its mark, which stands for what it gives in lead, and in another metal as much more or less as the sums make of
 * the two.
 *
 * Problem: `cavity.no-room`.
 *
 * @example finishedWeight(cavity, pewter, null).value.finishedG // 6.5: of a cavity marked 10 g
 */
export function finishedWeight(
  cavity: CavityFacts,
  metal: MetalFacts,
  hook: HookFacts | null,
): Outcome<FinishedWeight> {
  const own = castFromCavity(cavity, metal, hook);
  if (!own.ok) return own;
  const { metalG, finishedG } = own.value;
  if (cavity.volumeBasis !== 'guess') return done({ metalG, finishedG });
  const inLead = castFromCavity(cavity, MARKED_IN, hook);
  // The mark means the head; what it is cast on weighs the same in every metal.
  const frameG = frameMass(cavity);
  const asMarked = inLead.ok ? (finishedG - frameG) / (inLead.value.finishedG - frameG) : 1;
  const byMarkG = cavity.nominalG * asMarked + frameG;
  return done({ metalG: Math.max(0, byMarkG - (finishedG - metalG)), finishedG: byMarkG });
}
