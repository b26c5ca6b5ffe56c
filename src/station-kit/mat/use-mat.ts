'use client';

import { useEffect, useMemo, useState } from 'react';
import type { PrintedBars } from '@/core/mat/mat';
import type { SightKindId } from '@/core/outline/kinds/definition';
import type { Outline } from '@/core/outline/outline';
import { readPart, type ToldPart } from '@/core/outline/read-part';
import type { ToldMat } from '@/core/sight/told-mat';
import { useSentence } from '@/ui/units/use-units';
import { useJob } from '../use-job';

/** What the maker says of a thing on the mat. */
export interface ThingSaid {
  readonly kind?: SightKindId | undefined;
  readonly heightMm?: number | undefined;
  /** Its edge where it was pulled elsewhere. */
  readonly edge?: Outline | undefined;
  readonly binId?: string | null | undefined;
}

/** A thing on the mat as it is told by now. */
export interface MatThing {
  readonly no: number;
  /** As the camera sees it. */
  readonly seen: Outline;
  readonly isCut: boolean;
  readonly told: ToldPart;
  readonly said: ThingSaid;
}

/** A picture that was measured, or is being measured. */
interface Measuring {
  readonly share: number;
  readonly why: string | null;
  readonly mat: ToldMat | null;
  /** The address of the mat set straight, for as long as it is in hand. */
  readonly address: string | null;
  /** The picture itself, and the bars it was measured by. */
  readonly by: { readonly file: Blob; readonly printed: PrintedBars | null } | null;
}

interface Kept {
  readonly measuring: Measuring;
  readonly said: readonly ThingSaid[];
}

/** It belongs to the page and not to a screen of it: a look at a bin, and back, finds the mat as it was. */
let kept: Kept | null = null;

/** The picture that shows is held until another takes its place. */
let shown: string | null = null;

function show(picture: Blob | null): string | null {
  if (shown !== null) URL.revokeObjectURL(shown);
  shown = picture && URL.createObjectURL(picture);
  return shown;
}

const NOTHING: Measuring = { share: 0, why: null, mat: null, address: null, by: null };

/** The mat in hand: measuring a picture, what it told, and what the maker says of each thing. */
export function useMat() {
  const sentence = useSentence();
  const job = useJob<Measuring>({ keepsLast: true });
  const [before, setBefore] = useState(kept);
  const [said, setSaid] = useState<readonly ThingSaid[]>(before?.said ?? []);
  const measuring = job.answer ?? before?.measuring ?? null;
  const mat = measuring?.mat ?? null;
  useEffect(() => {
    if (measuring?.mat) kept = { measuring, said };
  }, [measuring, said]);
  const things = useMemo(
    () =>
      (mat?.things ?? []).map((thing, index): MatThing => {
        const mine = said[index] ?? {};
        const isAsSeen = mine.kind === undefined && mine.heightMm === undefined && mine.edge === undefined;
        const seen = mine.edge ?? thing.seen;
        const told = isAsSeen || !mat ? thing.told : readPart(seen, mat.error, mine);
        return { no: index + 1, seen, isCut: thing.isCut, told, said: mine };
      }),
    [mat, said],
  );
  return {
    job,
    mat,
    address: measuring?.address ?? null,
    by: measuring?.by ?? null,
    things,
    isMeasuring: job.is === 'working',
    share: job.is === 'working' ? (measuring?.share ?? 0) : null,
    why: measuring?.why ?? null,
    measure: (file: Blob, printed: PrintedBars | null) => {
      setBefore(null);
      job.start(async ({ ask, say }) => {
        const by = { file, printed };
        say({ ...NOTHING, by });
        const outcome = await ask('seeMat', by, ({ share }) => say({ ...NOTHING, share, by }));
        setSaid([]);
        if (!outcome.ok) return { ...NOTHING, why: sentence(outcome.problem), by };
        const { straight, ...mat } = outcome.value;
        return { ...NOTHING, mat, address: show(straight), by };
      });
    },
    say: (no: number, change: ThingSaid) =>
      setSaid((all) =>
        Array.from({ length: Math.max(all.length, no) }, (_, index) =>
          index === no - 1 ? { ...all[index], ...change } : (all[index] ?? {}),
        ),
      ),
    /** Takes the picture off. */
    clear: () => {
      kept = null;
      setBefore(null);
      setSaid([]);
      show(null);
      job.start(() => Promise.resolve(NOTHING));
    },
  };
}

export type MatInHand = ReturnType<typeof useMat>;
