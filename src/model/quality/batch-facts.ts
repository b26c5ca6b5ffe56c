import { dressStepsFor, type DressStepId } from '@/core/dress/dress-steps';
import type { CastHeads } from '@/core/dress/heads-to-dress';
import { findStyle } from '@/core/cavities/styles';
import { judgeCavities, type BlockVerdict, type CavityVerdict } from '@/core/quality/judge-cavities';
import { castFromCavity } from '@/core/tickets/cast-from-cavity';
import type { NewBatch } from '@/records/batch';
import type { Batch } from '@/records/batch';
import type { HeadBin } from '@/records/bin';
import type { Cavity, Mold } from '@/records/mold';
import type { Weighing } from '@/records/weighing';
import type { BenchFacts } from '../bench/bench-facts';

/** A cavity that pieces of a batch may have come from. */
export interface BatchCavity {
  readonly mold: Mold;
  readonly index: number;
  readonly cavity: Cavity;
  /** What it should give on this hook in this metal, g; null where that cannot be told. */
  readonly expectedG: number | null;
}

type Facts = Pick<BenchFacts, 'runs' | 'molds' | 'moldById' | 'metals' | 'hooks' | 'weighings'>;

const TRAY = 10;
const TOLERANCE = 0.03;

/** The cavities that a batch came from: those its run cast it in, else all of its mold that are marked so. */
export function batchCavities(batch: Batch, facts: Facts): BatchCavity[] {
  const run = facts.runs.find(({ id }) => id === batch.runId);
  const key = run?.heads.find(
    ({ style, nominalG, hookBinId }) =>
      style === batch.style && nominalG === batch.nominalG && hookBinId === batch.hookBinId,
  )?.key;
  const cells = run?.cells.filter((cell) => cell.key === key) ?? [];
  const mold = batch.moldId === null ? undefined : facts.moldById.get(batch.moldId);
  const places =
    cells.length > 0
      ? cells.map(({ moldId, cavity }) => ({ mold: facts.moldById.get(moldId), index: cavity }))
      : (mold?.cavities ?? []).flatMap((cavity, index) =>
          cavity.style === batch.style && cavity.nominalG === batch.nominalG ? [{ mold, index }] : [],
        );
  const metal = facts.metals.find(({ id }) => id === batch.metalBinId);
  const hook = batch.hookBinId === null ? null : (facts.hooks.get(batch.hookBinId) ?? null);
  return places.flatMap(({ mold: from, index }) => {
    const cavity = from?.cavities[index];
    if (!from || !cavity) return [];
    const cast = metal ? castFromCavity(cavity, metal, hook) : null;
    return [{ mold: from, index, cavity, expectedG: cast?.ok ? cast.value.finishedG : null }];
  });
}

/** Weighings of a batch one by one, in the order in which they were made. */
export function weighedOf(batch: Batch, weighings: readonly Weighing[]): Weighing[] {
  return weighings
    .filter(({ batchId, count }) => batchId === batch.id && count === 1)
    .sort((a, b) => a.at - b.at);
}

export interface JudgedCavity extends BatchCavity {
  readonly weighedG: readonly number[];
  readonly verdict: CavityVerdict | null;
}

export interface JudgedBatch {
  readonly cavities: readonly JudgedCavity[];
  readonly block: BlockVerdict;
}

/**
 * The cavities of a batch with what was weighed of each, held against all that was weighed of its run: cavities of
 * other batches of the run speak for metal and scale.
 */
export function judgeBatch(batch: Batch, batches: readonly Batch[], facts: Facts): JudgedBatch {
  const kin = batches.filter(
    (each) => each.id === batch.id || (batch.runId !== null && each.runId === batch.runId),
  );
  const all = kin.flatMap((each) =>
    batchCavities(each, facts).map((from) => ({
      ...from,
      batchId: each.id,
      weighedG: weighedOf(each, facts.weighings)
        .filter(({ cavityId }) => cavityId === from.cavity.id)
        .map(({ weighedG }) => weighedG),
    })),
  );
  const block = judgeCavities(
    all.flatMap(({ weighedG, expectedG }, cavity) =>
      expectedG === null ? [] : [{ cavity, weighedG, expectedG }],
    ),
  );
  const cavities = all.flatMap(({ batchId, ...from }, at): JudgedCavity[] =>
    batchId === batch.id
      ? [{ ...from, verdict: block.cavities.find(({ cavity }) => cavity === at) ?? null }]
      : [],
  );
  return { cavities, block };
}

/** A blade hangs in the eye of such heads: a bait of them says so, or the block, where eyes are opened while warm. */
function takesBlade(
  { style, nominalG }: Pick<HeadBin, 'style' | 'nominalG'>,
  mold: Mold | undefined,
  builds: BenchFacts['builds'],
): boolean {
  const isOfBait = builds.some(
    ({ kind, head }) => kind === 'bladed-jig' && head?.style === style && head.nominalG === nominalG,
  );
  return isOfBait || (mold?.warmWork ?? null) !== null;
}

/** The steps that heads of a kind need: as the last batch of their style had them, else by hook, pins, collar and block. */
function stepsFor(
  head: Pick<HeadBin, 'style' | 'nominalG' | 'hookBinId'>,
  mold: Mold | undefined,
  { batches, builds }: Pick<BenchFacts, 'batches' | 'builds'>,
): DressStepId[] {
  const before = batches
    .filter(
      ({ style, hookBinId }) => style === head.style && (hookBinId === null) === (head.hookBinId === null),
    )
    .sort((a, b) => b.startedAt - a.startedAt)[0];
  if (before) return before.steps.map(({ step }) => step);
  const hasHook = head.hookBinId !== null;
  const cavities = (mold?.cavities ?? []).filter(({ style }) => style === head.style);
  return dressStepsFor({
    hasHook,
    hasPins: cavities.some(({ inserts }) => inserts.some(({ removed }) => removed)),
    isOpenCast: mold?.kind === 'board',
    takesBlade: hasHook && takesBlade(head, mold, builds),
    hasCollar: hasHook && (findStyle(head.style)?.isHooked ?? false),
  }).map(({ id }) => id);
}

/** A batch of heads that a run left, or that lie on the shelf, as it would be begun. */
export function draftBatch(
  bin: HeadBin,
  cast: Pick<CastHeads, 'runId' | 'count'> | null,
  onHand: number,
  title: string,
  view: Facts & Pick<BenchFacts, 'batches' | 'builds'>,
): NewBatch {
  const { style, nominalG, hookBinId, metalBinId } = bin;
  const run = view.runs.find(({ id }) => id === cast?.runId);
  const key = run?.heads.find(
    (head) => head.style === style && head.nominalG === nominalG && head.hookBinId === hookBinId,
  )?.key;
  const moldId = run?.cells.find((cell) => cell.key === key)?.moldId ?? null;
  const mold = moldId === null ? undefined : view.moldById.get(moldId);
  return {
    title,
    runId: cast?.runId ?? null,
    moldId,
    style,
    nominalG,
    hookBinId,
    metalBinId,
    headBinId: bin.id,
    count: cast?.count ?? onHand,
    tray: Math.min(TRAY, cast?.count ?? onHand),
    toleranceShare: TOLERANCE,
    steps: stepsFor(bin, mold, view),
  };
}
