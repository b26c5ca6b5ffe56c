import { RELATIVE_SLACK } from '../numeric/relative-slack';

/** A hook across a body: over it, beside it, or of the size between that catches on it. */
export type GapeVerdict = 'rides-over' | 'stays-out' | 'can-foul';

/** A gape that is so much larger or smaller than the body never fouls it. */
const CLEAR_SHARE = 0.15;

/**
 * Whether a hook clears a body. Gape and body in mm; `clearShare` 0..1 of the body.
 *
 * Source: practice: the gape either clearly passes the body or clearly does not; between, it fouls.
 *
 * @example fitGape(14, 10) // 'rides-over'
 */
export function fitGape(gapeMm: number, bodyMm: number, clearShare = CLEAR_SHARE): GapeVerdict {
  const slackMm = RELATIVE_SLACK * bodyMm;
  if (gapeMm >= bodyMm * (1 + clearShare) - slackMm) return 'rides-over';
  if (gapeMm <= bodyMm * (1 - clearShare) + slackMm) return 'stays-out';
  return 'can-foul';
}
