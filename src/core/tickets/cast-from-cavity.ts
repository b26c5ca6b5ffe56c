import { predictCasting, type CastingPrediction } from '../cavities/predict-casting';
import type { EmbeddedPart } from '../cavities/embedded-part';
import { STEEL_GCM3 } from '../cavities/steel-density';
import type { Outcome } from '../problems/problem';
import type { CavityFacts, HookFacts, MetalFacts } from './facts';

/**
 * What lies in a cavity of the bench besides metal: the hook's steel, as far as it lies in, and the inserts.
 *
 * @example embeddedIn(cavity, hook)[0] // { name: 'hook 2/0', massG: 0.55, volumeCm3: 0.07, embeddedShare: 0.3 }
 */
export function embeddedIn(
  cavity: Pick<CavityFacts, 'hookShare' | 'inserts'>,
  hook: HookFacts | null,
): EmbeddedPart[] {
  const hookPart = hook && {
    name: `hook ${hook.size}`,
    massG: hook.massG,
    volumeCm3: hook.massG / STEEL_GCM3,
    embeddedShare: cavity.hookShare,
  };
  return [...(hookPart ? [hookPart] : []), ...cavity.inserts];
}

/**
 * What a cavity of the bench gives in a metal, on a hook or bare: the hook's steel and the inserts take room, what
 * stays adds its mass, pins are pulled. Masses in g.
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
  return predictCasting(cavity.volumeCm3, metal, embeddedIn(cavity, hook));
}
