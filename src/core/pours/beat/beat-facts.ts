import { cavityModulus, type ModulusCavity } from '../../cavities/cavity-modulus';
import { freezeTime } from '../../heat/freeze-time';
import type { BeatFacts } from './school';

export interface BeatMold {
  readonly kind: string;
  readonly cavities: readonly (ModulusCavity & {
    readonly hookSizes: readonly string[];
    readonly inserts: readonly unknown[];
  })[];
  readonly spin: {
    readonly holdSeconds: number;
    readonly spinSeconds: number;
    readonly coolSeconds: number;
  } | null;
  readonly warmWork: BeatFacts['warmWork'];
}

/** A casting that was timed: its modulus in mm, from pour to frozen in s. */
export interface FreezeTrial {
  readonly modulusMm: number;
  readonly seconds: number;
  readonly exponent: number;
}

/** Until the maker times one: a round head of 10 g in a warm metal block (trade's rule, a guess). */
const USUAL_TRIAL: FreezeTrial = { modulusMm: 2, seconds: 8, exponent: 1.4 };

/**
 * What the steps of a block's beat last, s: the thickest of the cavities poured freezes last, and the rest waits
 * for it. Cavities whose shape nobody knows do not count.
 *
 * @example beatFacts(mold, [0, 1], null).freezeS // 9.1
 */
export function beatFacts(mold: BeatMold, poured: readonly number[], trial: FreezeTrial | null): BeatFacts {
  const moduli = poured.flatMap((index) => {
    const cavity = mold.cavities[index];
    const modulus = cavity ? cavityModulus(cavity) : null;
    return modulus === null ? [] : [modulus];
  });
  const timed = trial ?? USUAL_TRIAL;
  return {
    hasLoad:
      mold.kind === 'frame' ||
      mold.cavities.some(({ hookSizes, inserts }) => hookSizes.length > 0 || inserts.length > 0),
    freezeS: moduli.length > 0 ? freezeTime(timed, Math.max(...moduli), timed.exponent) : null,
    holdS: mold.spin?.holdSeconds ?? 0,
    spinS: mold.spin?.spinSeconds ?? 0,
    coolS: mold.spin?.coolSeconds ?? 0,
    warmWork: mold.warmWork,
  };
}
