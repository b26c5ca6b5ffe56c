import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { finishedWeight } from './finished-weight';
import { offMark } from './marked-weight';
import { slotVerdict, takesHook, type SlotVerdict } from './takes-hook';
import type { CavityFacts, HeadSpec, HookFacts, MetalFacts } from './facts';

/** Whether a cavity makes what is asked, and if not, why. */
export type CavityVerdict =
  | { readonly fits: true; readonly metalG: number; readonly finishedG: number; readonly offShare: number }
  | { readonly fits: false; readonly why: 'style' | 'no-room' }
  | {
      readonly fits: false;
      readonly why: 'hook';
      readonly hookSizes: readonly string[];
      /** How the hook would lie in its slot; null where that was not measured. */
      readonly lies: SlotVerdict | null;
    }
  | { readonly fits: false; readonly why: 'weight'; readonly finishedG: number; readonly offShare: number };

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
  const isTaken = hook ? takesHook(cavity, hook) : cavity.hookSizes.length === 0;
  if (!isTaken) {
    const lies = hook && cavity.hookSizes.length > 0 ? slotVerdict(cavity, hook) : null;
    return { fits: false, why: 'hook', hookSizes: cavity.hookSizes, lies };
  }
  const cast = finishedWeight(cavity, metal, hook);
  if (!cast.ok) return { fits: false, why: 'no-room' };
  const { metalG, finishedG } = cast.value;
  const offShare = offMark(cavity, finishedG, spec.nominalG);
  return Math.abs(offShare) <= toleranceShare + RELATIVE_SLACK
    ? { fits: true, metalG, finishedG, offShare }
    : { fits: false, why: 'weight', finishedG, offShare };
}
