import { RELATIVE_SLACK } from '../numeric/relative-slack';
import { done, fail, type Outcome } from '../problems/problem';
import type { CastMetal } from './cast-grams-per-cm3';
import { predictCasting } from './predict-casting';
import type { EmbeddedPart } from './embedded-part';

export interface CavityChoice {
  readonly id: string;
  readonly cavityVolumeCm3: number;
  readonly embedded: readonly EmbeddedPart[];
}

export interface Substitute {
  readonly cavityId: string;
  readonly metalId: string;
  readonly finishedG: number;
  /** Signed: (finished - target) / target. */
  readonly offShare: number;
}

/**
 * Which cavities make a weight in g in which metals, within a tolerance (a share), nearest first. A pair without
 * room for its hardware is left out.
 *
 * Problem: `cavity.nothing-to-choose` where there are no cavities or no metals.
 *
 * @example
 * findSubstitutes([{ id: 'C3', cavityVolumeCm3: 1, embedded: [] }], [{ id: 'tin', densityGcm3: 7.29, shrinkLinear: 0 }], 7, 0.05)
 * // value: [{ cavityId: 'C3', metalId: 'tin', finishedG: 7.29, offShare: 0.0414... }]
 */
export function findSubstitutes(
  cavities: readonly CavityChoice[],
  metals: readonly (CastMetal & { readonly id: string })[],
  targetG: number,
  toleranceShare: number,
): Outcome<Substitute[]> {
  if (cavities.length === 0) return fail('cavity.nothing-to-choose', { what: 'cavities' }, ['cavities']);
  if (metals.length === 0) return fail('cavity.nothing-to-choose', { what: 'metals' }, ['metals']);
  const matches = cavities.flatMap((cavity) =>
    metals.flatMap((metal): Substitute[] => {
      const cast = predictCasting(cavity.cavityVolumeCm3, metal, cavity.embedded);
      if (!cast.ok) return [];
      const { finishedG } = cast.value;
      const offShare = (finishedG - targetG) / targetG;
      const isNear = Math.abs(offShare) <= toleranceShare + RELATIVE_SLACK;
      return isNear ? [{ cavityId: cavity.id, metalId: metal.id, finishedG, offShare }] : [];
    }),
  );
  return done(matches.sort((a, b) => Math.abs(a.offShare) - Math.abs(b.offShare)));
}
