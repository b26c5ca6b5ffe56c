'use client';

import { startTransition, useCallback, useEffect, useRef, useState } from 'react';
import type { Changed } from '@/core/freezing/best-changes';
import type { CastFlaw } from '@/core/freezing/cast-flaws';
import type { CastChange, MakerCan } from '@/core/freezing/mend-casting';
import type { FrozenPicture } from '@/core/freezing/picture-freeze';
import type { FreezeDrawing } from '@/drawing/freeze-section';
import type { Problem } from '@/core/problems/problem';
import type { CastTask } from '@/workers/protocol';
import { useJob } from '../use-job';

/** A page follows so many bricks: a few seconds. */
const BRICKS = 80_000;
/** What is changed settles before it is followed anew. */
const SETTLE_MS = 400;

interface Frozen {
  readonly picture: FrozenPicture;
  readonly drawing: FreezeDrawing;
}

interface Doing {
  readonly share: number;
}

/** Follows a casting, told by a key that says all of it, whenever what is asked of it changes; the last picture stays until the next is there. */
export function useFreeze(task: CastTask | null, key: string) {
  const [told, setTold] = useState<(Frozen & { readonly key: string }) | null>(null);
  const [refused, setRefused] = useState<Problem | null>(null);
  const job = useJob<Doing>();
  const { start } = job;
  const latest = useRef(task);
  useEffect(() => {
    latest.current = task;
  }, [task]);
  const follow = useCallback(
    (of: string) => {
      const asked = latest.current;
      if (!asked) return;
      start(async ({ ask, say }) => {
        say({ share: 0 });
        const found = await ask('freezeCasting', { ...asked, mostBricks: BRICKS }, ({ share }) =>
          say({ share }),
        );
        setRefused(found.ok ? null : found.problem);
        // The drawing is large: it comes in steps, and the page answers in between.
        if (found.ok) startTransition(() => setTold({ ...found.value, key: of }));
        return { share: 1 };
      });
    },
    [start],
  );
  useEffect(() => {
    const timer = setTimeout(() => follow(key), SETTLE_MS);
    return () => clearTimeout(timer);
  }, [key, follow]);
  return { frozen: told, isStale: told?.key !== key, refused, job, again: () => follow(key) };
}

export type Mends = readonly Changed<CastChange, readonly CastFlaw[]>[];

/** Searches for what to change, when asked. What was found is of one question, and is gone with it. */
export function useMends(key: string) {
  const [found, setFound] = useState<{ readonly mends: Mends; readonly key: string } | null>(null);
  const job = useJob<Doing>();
  const { start } = job;
  const search = (task: CastTask, can: MakerCan) =>
    start(async ({ ask, say }) => {
      say({ share: 0 });
      const mends = await ask('mendCasting', { ...task, can }, ({ share }) => say({ share }));
      if (mends.ok) setFound({ mends: mends.value, key });
      return { share: 1 };
    });
  return { mends: found?.key === key ? found.mends : null, job, search };
}
