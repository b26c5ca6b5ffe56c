import { calibrateCavity } from '@/core/cavities/calibrate-cavity';
import { predictionBand } from '@/core/cavities/prediction-band';
import type { CastingPrediction } from '@/core/cavities/predict-casting';
import { chartWeights, type WeightChart } from '@/core/quality/chart-weights';
import { castFromCavity, embeddedIn } from '@/core/tickets/cast-from-cavity';
import type { HookBin, MetalBin } from '@/records/bin';
import type { Cavity } from '@/records/mold';
import type { Weighing } from '@/records/weighing';
import type { BenchFacts } from '../bench/bench-facts';

/** A weighing as it stands to the cavity's volume found from all. */
export interface JudgedWeighing {
  readonly weighing: Weighing;
  readonly eachG: number;
  readonly predictedG: number;
  /** What a piece weighs more than predicted, g. */
  readonly residualG: number;
  /** How far it may lie off in 19 of 20 cases, g. */
  readonly bandG: number;
}

type Facts = Pick<BenchFacts, 'weighings' | 'metals' | 'hooks'>;

function hookOf({ hookBinId }: Weighing, hooks: Facts['hooks']): HookBin | null {
  return hookBinId === null ? null : (hooks.get(hookBinId) ?? null);
}

/** A cavity's prediction with its band. */
export function predictWithBand(
  cavity: Cavity,
  metal: MetalBin,
  hook: HookBin | null,
  samples: number,
): (CastingPrediction & { readonly bandG: number }) | null {
  const cast = castFromCavity(cavity, metal, hook);
  if (!cast.ok) return null;
  const bandG = predictionBand({
    metalG: cast.value.metalG,
    cavityVolumeCm3: cavity.volumeCm3,
    standardErrorCm3: cavity.standardErrorCm3,
    samples,
    densityBasis: metal.densityBasis,
    hook,
  });
  return { ...cast.value, bandG };
}

/** The cavity's own weighings, oldest first; what was weighed of a batch stands at the dressing bench. */
export function weighingsOf(cavity: Cavity, weighings: readonly Weighing[]): Weighing[] {
  return weighings
    .filter(({ cavityId, batchId }) => cavityId === cavity.id && batchId === null)
    .sort((a, b) => a.at - b.at);
}

/** Holds each weighing of a cavity against what its volume predicts. */
export function judgeWeighings(cavity: Cavity, facts: Facts): JudgedWeighing[] {
  const own = weighingsOf(cavity, facts.weighings);
  const samples = own.filter(({ calibrates }) => calibrates).length;
  return own.flatMap((weighing): JudgedWeighing[] => {
    const metal = facts.metals.find(({ id }) => id === weighing.metalBinId);
    const cast = metal ? predictWithBand(cavity, metal, hookOf(weighing, facts.hooks), samples) : null;
    if (!cast) return [];
    const eachG = weighing.weighedG / weighing.count;
    const { finishedG: predictedG, bandG } = cast;
    return [{ weighing, eachG, predictedG, residualG: eachG - predictedG, bandG }];
  });
}

/** The volume each weighing gives by itself, as a chart of how the cavity holds over time; null with fewer than two. */
export function chartCavity(cavity: Cavity, facts: Facts): WeightChart | null {
  const volumes = weighingsOf(cavity, facts.weighings).flatMap((weighing) => {
    const metal = facts.metals.find(({ id }) => id === weighing.metalBinId);
    if (!metal) return [];
    const embedded = embeddedIn(cavity, hookOf(weighing, facts.hooks));
    const found = calibrateCavity([{ ...weighing, metal, embedded }]);
    return found.ok ? [found.value.cavityVolumeCm3] : [];
  });
  return volumes.length < 2 ? null : chartWeights(volumes, cavity.volumeCm3, cavity.volumeCm3 * 0.03);
}
