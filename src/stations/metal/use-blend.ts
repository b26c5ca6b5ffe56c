'use client';

import { useEffect } from 'react';
import type { Blend } from '@/core/metals/blend-lots';
import { useJob, type Job } from '@/station-kit/use-job';
import { wireError } from '@/text/wire-error';

interface BlendFinding {
  readonly blend: Blend | null;
  readonly problem: string | null;
}

const NOTHING: BlendFinding = { blend: null, problem: null };

/** Asks a worker for the blend of an input; null asks for none. The last answer stays until the next is there. */
export function useBlend(input: unknown): BlendFinding & { readonly job: Job<BlendFinding> } {
  const job = useJob<BlendFinding>({ keepsLast: true });
  const { start } = job;
  const key = JSON.stringify(input);
  useEffect(() => {
    if (key === 'null') return;
    start(async ({ ask }) => {
      const answer = await ask('calculate', { name: 'metal.blend', input: JSON.parse(key) as unknown });
      return answer.ok
        ? { blend: answer.output as Blend, problem: null }
        : { blend: null, problem: wireError(answer.problem).message };
    });
  }, [key, start]);
  return { ...(key === 'null' ? NOTHING : (job.answer ?? NOTHING)), job };
}
