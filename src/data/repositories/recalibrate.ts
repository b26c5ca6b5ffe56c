import { calibrateCavity, type CavityCalibration } from '@/core/cavities/calibrate-cavity';
import { sum } from '@/core/numeric/sum';
import { done, type Outcome } from '@/core/problems/problem';
import { embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { Weighing } from '@/records/weighing';
import type { BenchDatabase } from '../database';
import type { WriteTransaction } from '../write';

/**
 * Finds a cavity's volume anew from the weighings that calibrate it and writes it to its mold. Leaves the cavity as
 * it is where no weighing speaks for it. Gives why where the weighings cannot be.
 */
export async function recalibrate(
  db: BenchDatabase,
  tx: WriteTransaction,
  { moldId, cavityId }: Pick<Weighing, 'moldId' | 'cavityId'>,
): Promise<Outcome<CavityCalibration | null>> {
  if (moldId === null || cavityId === null) return done(null);
  const mold = await db.molds.get(moldId);
  const cavity = mold?.cavities.find(({ id }) => id === cavityId);
  if (!mold || !cavity) return done(null);
  const weighings = (await db.weighings.where('moldId').equals(moldId).toArray()).filter(
    (each) => each.cavityId === cavityId && each.calibrates,
  );
  const ids = weighings.flatMap(({ metalBinId, hookBinId }) => [
    ...(metalBinId ? [metalBinId] : []),
    ...(hookBinId ? [hookBinId] : []),
  ]);
  const found = await db.bins.bulkGet([...new Set(ids)]);
  const bins = new Map(found.flatMap((bin) => (bin ? [[bin.id, bin] as const] : [])));
  const known = weighings.flatMap(({ weighedG, count, metalBinId, hookBinId }) => {
    const metal = bins.get(metalBinId ?? '');
    const hook = hookBinId === null ? undefined : bins.get(hookBinId);
    if (metal?.kind !== 'metal') return [];
    const { densityGcm3, shrinkLinear } = metal;
    const embedded = embeddedIn(cavity, hook?.kind === 'hook' ? hook : null);
    return [{ weighedG, count, metal: { densityGcm3, shrinkLinear }, embedded }];
  });
  if (known.length === 0) return done(null);
  const calibrated = calibrateCavity(known);
  if (!calibrated.ok) return calibrated;
  const { cavityVolumeCm3, standardErrorCm3 } = calibrated.value;
  const cavities = mold.cavities.map((each) =>
    each.id === cavityId
      ? {
          ...each,
          volumeCm3: cavityVolumeCm3,
          volumeBasis: 'weighed' as const,
          standardErrorCm3,
          weighedCount: sum(known.map(({ count }) => count)),
        }
      : each,
  );
  await tx.put('molds', { ...mold, cavities });
  return calibrated;
}
