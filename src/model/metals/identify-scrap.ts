import { densityFromCasting } from '@/core/metals/density-from-casting';
import { rankAlloys, type AlloyFit } from '@/core/metals/rank-alloys';
import { weighInWater } from '@/core/metals/weigh-in-water';
import { weighingError } from '@/core/metals/weighing-error';
import type { Problem } from '@/core/problems/problem';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HookBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import { KNOWN_ALLOYS } from './alloys';

/** What a weighing says of an unknown metal. */
export interface Identification {
  readonly densityGcm3: number;
  readonly errorGcm3: number;
  readonly fits: readonly (AlloyFit & { readonly name: string })[];
}

export type IdentifyOutcome =
  | { readonly ok: true; readonly value: Identification }
  | { readonly ok: false; readonly problem: Problem };

function rank(densityGcm3: number, errorGcm3: number): IdentifyOutcome {
  const names = new Map(KNOWN_ALLOYS.map(({ key, name }) => [key, name]));
  const fits = rankAlloys(densityGcm3, errorGcm3, KNOWN_ALLOYS).map((fit) => ({
    ...fit,
    name: names.get(fit.key) ?? fit.key,
  }));
  return { ok: true, value: { densityGcm3, errorGcm3, fits } };
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
  return rank(
    found.value.densityGcm3,
    weighingError(found.value.densityGcm3, airG, submergedG, scaleG * 0.3),
  );
}

/** From castings of a cavity whose volume is known. */
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
  return found.ok ? rank(found.value.densityGcm3, found.value.standardErrorGcm3) : found;
}
