import type { HeadPiece } from '@/core/coats/head-piece';
import { powderUsage } from '@/core/coats/powder-usage';
import { findCoatWay } from '@/core/coats/ways';
import type { CoatWayId } from '@/core/coats/ways/definition';
import type { PowderBin } from '@/records/bin';
import type { Rack } from '@/records/rack';

/** What one head takes of a powder all over, g. */
export function gramsEach(
  powder: Pick<PowderBin, 'densityGcm3' | 'utilization'>,
  piece: Pick<HeadPiece, 'areaCm2'>,
  wayId: CoatWayId,
): number {
  const { filmUm, utilization } = findCoatWay(wayId);
  return powderUsage({
    areaCm2: piece.areaCm2,
    filmUm,
    densityGcm3: powder.densityGcm3,
    utilization: powder.utilization ?? utilization,
    count: 1,
  }).gramsPerPiece;
}

/** Less than this used tells nothing over what a scale is off, g. */
const LEAST_USED_G = 2;

/**
 * The share of a powder that stays on heads, found from a jar weighed after coating: what the racks were reckoned to
 * take at the share believed so far, against what truly left the jar. Null where too little was used to tell.
 *
 * @example learnUtilization(0.6, 10, 12) // 0.5: more left the jar, so less of it stays on
 */
export function learnUtilization(believed: number, reckonedG: number, leftJarG: number): number | null {
  if (reckonedG < LEAST_USED_G || leftJarG < LEAST_USED_G) return null;
  return Math.min(1, Math.max(0.05, (believed * reckonedG) / leftJarG));
}

/** What racks took of a powder by reckoning since some moment, g. */
export function reckonedSince(racks: readonly Rack[], powderBinId: string, since: number): number {
  return racks
    .filter(({ inAt }) => inAt !== null && inAt > since)
    .flatMap(({ used }) => used)
    .filter((each) => each.powderBinId === powderBinId)
    .reduce((so, { g }) => so + g, 0);
}
