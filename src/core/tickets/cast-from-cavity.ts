import { predictCasting, type CastingPrediction } from '../cavities/predict-casting';
import { STEEL_GCM3 } from '../cavities/steel-density';
import type { Outcome } from '../problems/problem';
import type { CavityFacts, HookFacts, MetalFacts } from './facts';

/**
 * What a cavity of the bench gives in a metal, on a hook or bare: the hook's steel and the pin take room, the
 * hook's mass stays, the pin is pulled. Masses in g.
 *
 * Problem: `cavity.no-room`.
 *
 * @example castFromCavity(cavity, lead, hook).value.finishedG
 */
export function castFromCavity(
  cavity: CavityFacts,
  metal: MetalFacts,
  hook: HookFacts | null,
): Outcome<CastingPrediction> {
  const hookPart = hook && {
    name: `hook ${hook.size}`,
    massG: hook.massG,
    volumeCm3: hook.massG / STEEL_GCM3,
    embeddedShare: cavity.hookShare,
  };
  const pin = cavity.pinCm3 > 0 && { name: 'pin', massG: 0, volumeCm3: cavity.pinCm3, removed: true };
  return predictCasting(cavity.volumeCm3, metal, [...(hookPart ? [hookPart] : []), ...(pin ? [pin] : [])]);
}
