import { densityFromCasting } from '@/core/metals/density-from-casting';
import { rankAlloys, type AlloyFit } from '@/core/metals/rank-alloys';
import { rankCastings } from '@/core/metals/rank-castings';
import { weighInWater } from '@/core/metals/weigh-in-water';
import { weighingError } from '@/core/metals/weighing-error';
import type { Problem } from '@/core/problems/problem';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HookBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import { CAST_ALLOYS, KNOWN_ALLOYS } from './alloys';

/** What a weighing says of an unknown metal. */
export interface Identification {
  readonly densityGcm3: number;
  readonly errorGcm3: number;
  readonly fits: readonly (AlloyFit & { readonly name: string })[];
}

export type IdentifyOutcome =
  | { readonly ok: true; readonly value: Identification }
  | { readonly ok: false; readonly problem: Problem };

function told(densityGcm3: number, errorGcm3: number, fits: readonly AlloyFit[]): IdentifyOutcome {
  const names = new Map(KNOWN_ALLOYS.map(({ key, name }) => [key, name]));
  const named = fits.map((fit) => ({ ...fit, name: names.get(fit.key) ?? fit.key }));
  return { ok: true, value: { densityGcm3, errorGcm3, fits: named } };
}

/** From a piece weighed in air and in water, on a scale that reads to `scaleG`. */
export function identifyInWater(
  airG: number,
  submergedG: number,
  waterC: number,
  scaleG: number,
): IdentifyOutcome {
  const found = weighInWater(airG, submergedG, waterC);
  if (!found.ok) return found;
  // A scale that shows steps of scaleG is off by a third of a step, as a rule.
  const { densityGcm3 } = found.value;
  const errorGcm3 = weighingError(densityGcm3, airG, submergedG, scaleG * 0.3);
  return told(densityGcm3, errorGcm3, rankAlloys(densityGcm3, errorGcm3, KNOWN_ALLOYS));
}

/** From castings of a cavity whose volume is known: each alloy with its own shrink, and pores only lighten. */
export function identifyByCasting(
  cavity: Cavity,
  hook: HookBin | null,
  weighedG: number,
  count: number,
  scaleG: number,
): IdentifyOutcome {
  const { volumeCm3, standardErrorCm3 } = cavity;
  const known = { volumeCm3, standardErrorCm3, embedded: embeddedIn(cavity, hook) };
  const found = densityFromCasting(known, weighedG, count, scaleG * 0.3);
  if (!found.ok) return found;
  const { densityGcm3, standardErrorGcm3, gramsPerCm3, errorShare } = found.value;
  return told(densityGcm3, standardErrorGcm3, rankCastings(gramsPerCm3, errorShare, CAST_ALLOYS));
}
