import type { Deed } from '@/core/history/deed';
import { did } from '../did';
import type { BenchOutcome } from '@/core/problems/bench-problem';
import type { BuildRecord } from '@/records/build';
import type { Store } from '../store';
import { nextVersion } from './next-version';
import { ownStepsKeeper } from './own-steps';
import { attempt, granted, refuse, write } from '../write';
import type { NewBuild } from '@/records/build';

/** Builds, version by version. */
export function buildRepository(store: Store) {
  const { db } = store;

  const change = (
    id: string,
    deed: Deed,
    to: (build: BuildRecord) => BuildRecord,
  ): Promise<BenchOutcome<undefined>> =>
    attempt(store, deed, async (tx) => {
      const build = await db.builds.get(id);
      if (!build) return refuse<undefined>({ code: 'bench.gone', what: 'build' });
      await tx.put('builds', to(build));
      return granted(undefined);
    });

  return {
    all: (): Promise<BuildRecord[]> => db.builds.toArray(),

    /** Keeps a build as the next version of its family, or as the first of a new one. Older versions stay. */
    keep: ({ family, ...build }: NewBuild): Promise<BuildRecord> =>
      write(store, did('build.kept', { name: build.name }), async (tx) => {
        const next = await nextVersion(store, tx, 'build', { family, name: build.name });
        const kept: BuildRecord = { ...build, ...next, seenMs: null };
        await tx.put('builds', kept);
        return kept;
      }),

    /** Notes the slowest speed, m/s, at which the maker saw it stay up; null takes the note back. */
    seen: (id: string, seenMs: number | null) =>
      change(id, did('build.speed-noted'), (build) => ({ ...build, seenMs })),

    /** Keeps the card's steps in the maker's own order and words; none takes them back to what they are. */
    ownSteps: ownStepsKeeper(
      store,
      'build',
      (id) => db.builds.get(id),
      (tx, build) => tx.put('builds', build),
    ),

    /** Keeps the holes of a bladed jig's proven first piece. */
    pattern: (id: string, pattern: BuildRecord['pattern']) =>
      change(id, did('build.pattern-kept'), (build) => ({ ...build, pattern })),

    /** Puts all versions of a build away, or back on the board. */
    putAway: (family: string, retired: boolean): Promise<void> =>
      write(store, did(retired ? 'build.put-away' : 'build.taken-out'), async (tx) => {
        for (const build of await db.builds.where('family').equals(family).toArray()) {
          await tx.put('builds', { ...build, retired });
        }
      }),
  };
}
