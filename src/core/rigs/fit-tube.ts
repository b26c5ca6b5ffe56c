import { RELATIVE_SLACK } from '../numeric/relative-slack';

/** A tube over a knot or an eye: it does not go over, it slips after shrinking, or it holds. */
export type TubeVerdict = 'too-small' | 'too-loose' | 'fits';

export interface TubeQuestion {
  /** Inside, as it comes, mm. */
  readonly suppliedMm: number;
  /** How many times smaller heat makes it, 1 or more; 1 for a tube that does not shrink. */
  readonly shrinkRatio: number;
  /** The thickest thing it must go over, mm. */
  readonly overMm: number;
  /** The thinnest thing it must grip once shrunk, mm. */
  readonly gripMm: number;
}

/**
 * Whether a tube goes over what it must and grips what it must after shrinking.
 *
 * Source: practice: wide enough for the knot, tight enough after shrinking.
 *
 * @example fitTube({ suppliedMm: 3.2, shrinkRatio: 2, overMm: 2.6, gripMm: 1.8 }) // 'fits'
 */
export function fitTube({ suppliedMm, shrinkRatio, overMm, gripMm }: TubeQuestion): TubeVerdict {
  if (suppliedMm < overMm * (1 - RELATIVE_SLACK)) return 'too-small';
  return suppliedMm / shrinkRatio > gripMm * (1 + RELATIVE_SLACK) ? 'too-loose' : 'fits';
}
