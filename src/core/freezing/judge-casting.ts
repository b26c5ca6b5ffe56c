import { measureSkin } from '../meshes/measure-skin';
import { castFlaws, flawWeight, type CastFlaw } from './cast-flaws';
import type { Casting, PourSetting } from './casting';
import { frozenS } from './choke-time';
import { fillCavity, type FilledCavity } from './fill-cavity';
import { freezeCasting, type FrozenCasting } from './freeze-casting';
import { judgeFill, type FillVerdict } from './judge-fill';

export interface JudgedCasting {
  readonly frozen: FrozenCasting;
  readonly filled: FilledCavity;
  readonly fill: FillVerdict;
  /** The worst first. */
  readonly flaws: readonly CastFlaw[];
  /** All flaws weighed; 0 is faultless. */
  readonly score: number;
}

interface JudgeOptions {
  readonly mostBricks: number;
  readonly mostCells: number;
  readonly onProgress?: (share: number) => void;
}

const MM_PER_CM = 10;
const MM3_PER_CM3 = 1000;

/**
 * Fills a cavity and follows it until it is solid, and says what is likely wrong with what comes out.
 *
 * @example judgeCasting(casting, setting, { mostBricks: 100_000, mostCells: 40_000 }).flaws[0]?.kind // 'hollow'
 */
export function judgeCasting(
  casting: Casting,
  setting: PourSetting,
  { mostBricks, mostCells, onProgress }: JudgeOptions,
): JudgedCasting {
  const { volumeCm3, areaCm2 } = measureSkin(casting.body);
  const filled = fillCavity(casting, setting, mostCells);
  const fill = judgeFill(filled, setting);
  const guessS = Math.min(MOST_GUESSED_S, frozenS(setting, (volumeCm3 / areaCm2) * MM_PER_CM));
  const frozen = freezeCasting(casting, setting, guessS, {
    mostBricks,
    ...(onProgress ? { onProgress } : {}),
  });
  const flaws = castFlaws(volumeCm3 * MM3_PER_CM3, frozen.verdict, fill, setting);
  return { frozen, filled, fill, flaws, score: flaws.reduce((so, flaw) => so + flawWeight(flaw), 0) };
}

/** A block as hot as the metal freezes nothing: it is not waited for. */
const MOST_GUESSED_S = 600;
