import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { castFromCavity } from './cast-from-cavity';
import type { CavityFacts, HeadSpec, HookFacts, MetalFacts } from './facts';

/** Whether a cavity makes what is asked, and if not, why. */
export type CavityVerdict =
  | { readonly fits: true; readonly metalG: number; readonly finishedG: number; readonly offShare: number }
  | { readonly fits: false; readonly why: 'style' | 'no-room' }
  | { readonly fits: false; readonly why: 'hook'; readonly hookSizes: readonly string[] }
  | { readonly fits: false; readonly why: 'weight'; readonly finishedG: number; readonly offShare: number };

/** Soft lead, in which blocks are marked. */
const MARKED_IN = { id: 'soft-lead', densityGcm3: 11.34, shrinkLinear: 0.0089 };

/**
 * What a cavity gives that nobody weighed, g: its mark in lead, and in another metal as much more or less as the sums make
 * of the two.
 */
function byItsMark(cavity: CavityFacts, metal: MetalFacts, hook: HookFacts | null): number {
  const [own, inLead] = [castFromCavity(cavity, metal, hook), castFromCavity(cavity, MARKED_IN, hook)];
  if (!own.ok || !inLead.ok) return cavity.nominalG;
  return cavity.nominalG * (own.value.finishedG / inLead.value.finishedG);
}

/**
 * Judges a cavity by what it truly gives, not by its mark: the style must be the one asked, the hook one it takes (or none
 * for both), and the finished casting within the tolerance of the weight asked. Where nobody weighed it, its mark is all
 * that is known, and stands for what it gives in lead.
 *
 * @example judgeCavity(cavity, { style: 'egg', nominalG: 20, hookBinId: null }, lead, null, 0.05).fits
 */
export function judgeCavity(
  cavity: CavityFacts,
  spec: HeadSpec,
  metal: MetalFacts,
  hook: HookFacts | null,
  toleranceShare: number,
): CavityVerdict {
  if (cavity.style !== spec.style) return { fits: false, why: 'style' };
  const takesHook = hook ? cavity.hookSizes.includes(hook.size) : cavity.hookSizes.length === 0;
  if (!takesHook) return { fits: false, why: 'hook', hookSizes: cavity.hookSizes };
  const cast = castFromCavity(cavity, metal, hook);
  if (!cast.ok) return { fits: false, why: 'no-room' };
  const { metalG } = cast.value;
  const finishedG = cavity.volumeBasis === 'guess' ? byItsMark(cavity, metal, hook) : cast.value.finishedG;
  const offShare = (finishedG - spec.nominalG) / spec.nominalG;
  return Math.abs(offShare) <= toleranceShare + RELATIVE_SLACK
    ? { fits: true, metalG, finishedG, offShare }
    : { fits: false, why: 'weight', finishedG, offShare };
}
