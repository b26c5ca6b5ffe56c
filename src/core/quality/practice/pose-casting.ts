import { repeatableRandom } from '../../numeric/repeatable-random';
import type { CauseId } from '../causes/cause';
import type { RunningMetal } from './run-length';
import { simulateCasting, type PracticeCavity, type SimulatedCasting } from './simulate-casting';
import { CHANGES, TROUBLES, type ChangeId, type PourState } from './trouble';

/** A trial of the eye: castings of a pour with one trouble, and what it was. */
export interface PosedPour {
  readonly seed: number;
  readonly cavity: PracticeCavity;
  readonly state: PourState;
  readonly castings: readonly SimulatedCasting[];
  readonly trouble: CauseId;
  /** Changes after which the next castings come out clean. */
  readonly mends: readonly ChangeId[];
}

export interface PracticeMetal extends RunningMetal {
  /** Where the pot should stand for this cavity, C. */
  readonly aimC: number;
}

const CASTINGS = 3;
const WARM_BLOCK_C = 130;
/** So many changes of one kind in a row mend a trouble: a maker turns the pot up three times before thinking again. */
const MOST_TURNS = 3;
const TRIES = 200;

/**
 * Poses a pour with one trouble: drawn from the seed among the cavities and the troubles that show in them. The
 * same seed poses the same pour.
 *
 * Throws without a cavity, or where no trouble shows in any of them.
 *
 * @example posePour(7, cavities, metalFor).trouble // 'cold-block', say
 */
export function posePour(
  seed: number,
  cavities: readonly PracticeCavity[],
  metalFor: (cavity: PracticeCavity) => PracticeMetal,
): PosedPour {
  if (cavities.length === 0) throw new RangeError('posePour requires a cavity');
  const chance = repeatableRandom(seed);
  const pick = <T>(from: readonly T[]): T => {
    const picked = from[Math.floor(chance() * from.length)];
    if (picked === undefined) throw new RangeError('posePour requires something to pick from');
    return picked;
  };
  for (let attempt = 0; attempt < TRIES; attempt += 1) {
    const cavity = pick(cavities);
    const metal = metalFor(cavity);
    const trouble = pick(TROUBLES);
    const good = goodState(metal);
    if (!isClean(castAll(cavity, metal, good, chance))) continue;
    const state = trouble.bend(good, chance());
    const cast = castAll(cavity, metal, state, chance);
    if (cast.some(({ flaws }) => flaws.length === 0)) continue;
    const mends = CHANGES.map(({ id }) => id).filter((id) => isMended(seed, cavity, metal, state, id));
    if (mends.length > 0) return { seed, cavity, state, castings: cast, trouble: trouble.cause, mends };
  }
  throw new RangeError('posePour requires cavities in which a trouble shows');
}

/** A pour in which all is as it should be. */
export function goodState(metal: PracticeMetal): PourState {
  return {
    potC: metal.aimC,
    moldC: WARM_BLOCK_C,
    stream: 1,
    isBlocked: false,
    isOpen: false,
    isRocking: false,
    isDamp: false,
    isDirty: false,
  };
}

/**
 * The pour after a change, and the castings that come of it: as often as it takes, at most three times.
 *
 * @example changePour(posed, metal, 'warm-block').castings // clean, where the block was cold
 */
export function changePour(
  { seed, cavity, state }: Pick<PosedPour, 'seed' | 'cavity' | 'state'>,
  metal: RunningMetal,
  id: ChangeId,
): { readonly state: PourState; readonly castings: readonly SimulatedCasting[]; readonly turns: number } {
  const change = CHANGES.find((each) => each.id === id);
  if (!change) throw new RangeError(`changePour requires a change, not '${id}'`);
  let now = state;
  for (let turns = 1; ; turns += 1) {
    now = change.does(now);
    const castings = castAll(cavity, metal, now, repeatableRandom(seed + turns));
    if (turns === MOST_TURNS || isClean(castings)) {
      return { state: now, castings, turns };
    }
  }
}

function isMended(
  seed: number,
  cavity: PracticeCavity,
  metal: RunningMetal,
  state: PourState,
  id: ChangeId,
): boolean {
  return isClean(changePour({ seed, cavity, state }, metal, id).castings);
}

function isClean(castings: readonly SimulatedCasting[]): boolean {
  return castings.every(({ flaws }) => flaws.length === 0);
}

function castAll(
  cavity: PracticeCavity,
  metal: RunningMetal,
  state: PourState,
  chance: () => number,
): SimulatedCasting[] {
  return Array.from({ length: CASTINGS }, () => simulateCasting(cavity, metal, state, chance));
}
