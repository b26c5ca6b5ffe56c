import type { PartGauge } from '../parts/part-roles';
import { fitTube, type TubeVerdict } from './fit-tube';
import { findMatch, type MatchLine } from './match-table';

/** What it takes to know whether things suit: what they were measured as. */
export interface Measured {
  readonly gauge: Pick<PartGauge, 'as' | 'sizes' | 'line'>;
}

/** Two sizes of one packet differ by less than this, mm. */
const SAME_MM = 0.06;

/** What a crimp must be inside for a cable, mm; null where nobody knows. */
export function crimpFor({ gauge }: Measured, matches: readonly MatchLine[]): number | null {
  const { diameterMm } = gauge.sizes;
  return diameterMm === undefined ? null : (findMatch(matches, 'crimp-by-cable', diameterMm)?.takes ?? null);
}

/** A cable goes through its crimp twice: from just so on, to where two of it lie loose in it. */
const [LEAST_TWICE, MOST_TWICE] = [2, 2.6];

/**
 * Whether a crimp closes on a cable: of the size that the table names, or twice the cable and a little, whatever the table
 * has. Source: the trade's rule; a cable's two runs side by side, with room for the eye of the tool to press them.
 *
 * @example isCrimpFor(crimpOfHalfAMm, cableOfAFifth, 0.5) // true
 */
export function isCrimpFor(crimp: Measured, cable: Measured, wantMm: number): boolean {
  const { holeMm } = crimp.gauge.sizes;
  const { diameterMm } = cable.gauge.sizes;
  if (holeMm === undefined) return false;
  const isTwice =
    diameterMm !== undefined && holeMm >= LEAST_TWICE * diameterMm && holeMm <= MOST_TWICE * diameterMm;
  return isTwice || Math.abs(holeMm - wantMm) < SAME_MM;
}

/** How a tube sits on a hook: flattened over its eye, round its shank and the line beside it. */
export interface TubeSeat {
  readonly verdict: TubeVerdict;
  readonly overMm: number;
  readonly gripMm: number;
  readonly holeMm: number;
  readonly shrunkMm: number;
}

/**
 * How wide inside a tube must be to go over an eye: soft, it flattens over the eye’s flat ring, so that its girth decides,
 * the way round what is as wide as the eye and as thick as its wire.
 *
 * @example flatOver(4, 1) // 2.91
 */
export function flatOver(acrossMm: number, wireMm: number): number {
  return wireMm + (2 * (acrossMm - wireMm)) / Math.PI;
}

/**
 * How a tube sits on a hook and its line. What the maker tried goes before the sum. Null where something is not measured.
 *
 * @example seatTube(tube, hook, cable, matches)?.verdict // 'fits'
 */
export function seatTube(
  tube: Measured,
  hook: Measured,
  line: Measured | null,
  matches: readonly MatchLine[],
): TubeSeat | null {
  const { wireMm, eyeMm } = hook.gauge.sizes;
  const { holeMm, shrinkRatio = 1 } = tube.gauge.sizes;
  if (wireMm === undefined || eyeMm === undefined || holeMm === undefined) return null;
  const acrossMm = eyeMm + 2 * wireMm;
  const overMm = flatOver(acrossMm, wireMm);
  const gripMm = wireMm + 2 * (line?.gauge.sizes.diameterMm ?? 0);
  const tried = findMatch(matches, 'tube-by-hook', acrossMm);
  const verdict =
    tried?.basis === 'tried' && Math.abs(tried.takes - holeMm) < SAME_MM
      ? 'fits'
      : fitTube({ suppliedMm: holeMm, shrinkRatio, overMm, gripMm });
  return { verdict, overMm, gripMm, holeMm, shrunkMm: holeMm / shrinkRatio };
}

/** How much of a hook is straight below its eye, mm. */
export function shankOf({ sizes }: PartGauge): number {
  const { lengthMm = 20, gapeMm = 8 } = sizes;
  return Math.max(0, lengthMm - 0.6 * gapeMm);
}
