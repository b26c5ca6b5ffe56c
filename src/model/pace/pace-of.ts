import type { BaitKindId } from '@/core/builds/kinds/definition';
import { findKind } from '@/core/builds/kinds';
import { sum } from '@/core/numeric/sum';
import { learnPace, type Pace, type TimedRun } from '@/core/pace/learn-pace';
import type { RigKindId } from '@/core/rigs/kinds';
import { findRigKind } from '@/core/rigs/kinds';
import type { HoldId } from '@/core/skirts/holds';
import { findHold } from '@/core/skirts/holds';
import type { BenchFacts } from '../bench/bench-facts';

/** Something made piece by piece at a card: in which family, null for one not kept yet, and of what sort. */
export type Handmade =
  | { readonly stage: 'skirt'; readonly family: string | null; readonly kind: HoldId }
  | { readonly stage: 'build'; readonly family: string | null; readonly kind: BaitKindId }
  | { readonly stage: 'rig'; readonly family: string | null; readonly kind: RigKindId };

type Logs = Pick<BenchFacts, 'tyings' | 'skirtById' | 'buildings' | 'buildById' | 'riggings' | 'rigById'>;

/** A run of cards that was carried through. */
export interface CardRun extends TimedRun {
  readonly failed: number;
}

function carded(
  { passed, failed, seconds }: Pick<Logs['buildings'][number], 'passed' | 'failed' | 'seconds'>,
  made: { readonly family: string; readonly kind: string } | undefined,
): CardRun[] {
  if (!made) return [];
  const lost = sum(failed.map(({ count }) => count));
  return [{ family: made.family, kind: made.kind, begun: passed + lost, failed: lost, seconds }];
}

/** The runs of a stage that were carried through, with what was begun in each and how much of it failed. */
export function cardRuns(stage: Handmade['stage'], logs: Logs): CardRun[] {
  switch (stage) {
    case 'skirt':
      return logs.tyings.flatMap((run) => {
        const skirt = logs.skirtById.get(run.skirtId);
        return run.state === 'tied' && skirt ? carded(run, { family: skirt.family, kind: skirt.hold }) : [];
      });
    case 'build':
      return logs.buildings.flatMap((run) =>
        run.state === 'built' ? carded(run, logs.buildById.get(run.buildId)) : [],
      );
    case 'rig':
      return logs.riggings.flatMap((run) =>
        run.state === 'made' ? carded(run, logs.rigById.get(run.rigId)) : [],
      );
  }
}

/** As it usually goes, s, until the maker's own runs say (typical). */
export function usualSeconds(of: Handmade): number {
  switch (of.stage) {
    case 'skirt':
      return findHold(of.kind).usualSeconds;
    case 'build':
      return findKind(of.kind).usualSeconds;
    case 'rig':
      return findRigKind(of.kind).usualSeconds;
  }
}

/**
 * How long one takes, s: the one answer for every card, list and price.
 *
 * @example paceOf({ stage: 'skirt', family: null, kind: 'wire' }, view) // { secondsEach: 180, isOwn: false } on an empty bench
 */
export function paceOf(of: Handmade, logs: Logs): Pace {
  return learnPace(
    { family: of.family ?? '', kind: of.kind, usualSeconds: usualSeconds(of) },
    cardRuns(of.stage, logs),
  );
}
