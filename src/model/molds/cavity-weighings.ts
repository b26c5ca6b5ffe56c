import { calibrateCavity } from '@/core/cavities/calibrate-cavity';
import { cavityBand } from '@/core/cavities/cavity-band';
import { densityShareSd, guessedBand, hookSdG } from '@/core/cavities/guessed-band';
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

type CavityBasis = Pick<Facts, 'weighings' | 'metals' | 'hooks'>;

/** What calibrates a cavity, as the sums take it; `but` leaves one weighing out. */
function samplesOf(cavity: Cavity, { weighings, metals, hooks }: CavityBasis, but?: Weighing) {
  return weighingsOf(cavity, weighings).flatMap((weighing) => {
    const metal = metals.find(({ id }) => id === weighing.metalBinId);
    if (!weighing.calibrates || !metal || weighing.id === but?.id) return [];
    const { weighedG, count } = weighing;
    return [{ weighedG, count, metal, embedded: embeddedIn(cavity, hookOf(weighing, hooks)) }];
  });
}

/**
 * What a cavity gives in a metal, and the band in which 19 of 20 single castings lie: by how its castings scattered, where it was
 * weighed twice or more. A density cancels where the cavity was weighed in that same lot. `pieces` are weighed together.
 */
export function predictWithBand(
  cavity: Cavity,
  metal: MetalBin,
  hook: HookBin | null,
  facts: CavityBasis,
  { pieces = 1, but }: { readonly pieces?: number; readonly but?: Weighing } = {},
): (CastingPrediction & { readonly bandG: number }) | null {
  const cast = castFromCavity(cavity, metal, hook);
  if (!cast.ok) return null;
  const samples = samplesOf(cavity, facts, but);
  const isSameLot = samples.every((sample) => sample.metal.id === metal.id);
  const band =
    samples.length < 2
      ? null
      : cavityBand({
          samples,
          metal,
          embedded: embeddedIn(cavity, hook),
          densityShareSd: isSameLot ? 0 : densityShareSd(metal.densityBasis),
          hardwareSdG: hookSdG(hook),
          pieces,
        });
  if (band?.ok && band.value.bandG !== null) {
    const { finishedG, bandG } = band.value;
    return { ...cast.value, ...(but ? { finishedG } : {}), bandG };
  }
  const bandG = guessedBand({ metalG: cast.value.metalG, densityBasis: metal.densityBasis, hook });
  return { ...cast.value, bandG };
}

/** The cavity's own weighings, oldest first; what was weighed of a batch stands at the dressing bench. */
export function weighingsOf(cavity: Cavity, weighings: readonly Weighing[]): Weighing[] {
  return weighings
    .filter(({ cavityId, batchId }) => cavityId === cavity.id && batchId === null)
    .sort((a, b) => a.at - b.at);
}

/** Holds each weighing of a cavity against what the others of it predict: doubted by Student's t, few as they are. */
export function judgeWeighings(cavity: Cavity, facts: Facts): JudgedWeighing[] {
  return weighingsOf(cavity, facts.weighings).flatMap((weighing): JudgedWeighing[] => {
    const metal = facts.metals.find(({ id }) => id === weighing.metalBinId);
    // By the others: what a weighing itself told cannot speak against it.
    const asked = { pieces: weighing.count, but: weighing };
    const cast = metal ? predictWithBand(cavity, metal, hookOf(weighing, facts.hooks), facts, asked) : null;
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
