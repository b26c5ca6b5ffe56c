import { sum } from '../numeric/sum';
import { RELATIVE_SLACK } from '../numeric/relative-slack';

export interface BuildPart {
  readonly name: string;
  readonly massG: number;
  readonly count: number;
}

export interface BuildWeight {
  readonly finishedG: number;
  /** Signed, (finished - target) / target; null without a target. */
  readonly offShare: number | null;
  /** Null without a target and a tolerance. */
  readonly within: boolean | null;
}

/**
 * The weight of a finished bait in g, and how far it lies from what was wanted. `targetG` over 0,
 * `toleranceShare` 0..1 of the target to either side.
 *
 * @example weighBuild([{ name: 'head', massG: 14, count: 1 }, { name: 'skirt', massG: 1.4, count: 1 }], 14, 0.05)
 * // { finishedG: 15.4, offShare: 0.1, within: false }
 */
export function weighBuild(
  parts: readonly BuildPart[],
  targetG?: number,
  toleranceShare?: number,
): BuildWeight {
  const finishedG = sum(parts.map((part) => part.massG * part.count));
  const offShare = targetG === undefined ? null : (finishedG - targetG) / targetG;
  const within =
    offShare === null || toleranceShare === undefined
      ? null
      : Math.abs(offShare) <= toleranceShare + RELATIVE_SLACK;
  return { finishedG, offShare, within };
}
