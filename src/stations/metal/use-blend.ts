'use client';

import { useEffect, useState } from 'react';
import type { Blend } from '@/core/metals/blend-lots';
import { wireError } from '@/text/wire-error';
import { CalledOff, WorkLane } from '@/workers/client';

export interface BlendFinding {
  readonly blend: Blend | null;
  readonly problem: string | null;
}

const NOTHING: BlendFinding = { blend: null, problem: null };

/** Asks a worker for the blend of an input; null asks for none. The last answer stays until the next is there. */
export function useBlend(input: unknown): BlendFinding {
  const [lane] = useState(() => (typeof Worker === 'undefined' ? null : new WorkLane()));
  const [finding, setFinding] = useState<BlendFinding>(NOTHING);
  const key = JSON.stringify(input);
  useEffect(() => () => lane?.close(), [lane]);
  useEffect(() => {
    if (!lane || key === 'null') return;
    let isLive = true;
    lane
      .ask('calculate', { name: 'metal.blend', input: JSON.parse(key) as unknown })
      .then((answer) => {
        if (!isLive) return;
        setFinding(
          answer.ok
            ? { blend: answer.output as Blend, problem: null }
            : { blend: null, problem: wireError(answer.problem).message },
        );
      })
      .catch((error: unknown) => {
        if (isLive && !(error instanceof CalledOff)) setFinding({ blend: null, problem: String(error) });
      });
    return () => {
      isLive = false;
    };
  }, [lane, key]);
  return key === 'null' ? NOTHING : finding;
}
