'use client';

import { useLiveQuery } from 'dexie-react-hooks';
import { useMemo } from 'react';
import { learnCauses, type LearnedCauses } from '@/core/quality/causes/learn-causes';
import type { CountedCasting } from '@/core/quality/count-flaws';
import { useBench } from '@/station-kit/BenchProvider';
import { countedCastings, findingsOf } from '@/model/quality/findings';

export interface Learned extends LearnedCauses {
  readonly castings: readonly CountedCasting[];
}

/** What the runs kept here say of flaws and their causes; the trade's rules alone until they are read. */
export function useLearned(): Learned {
  const { view, workshop } = useBench();
  const pours = useLiveQuery(() => workshop.runs.allPours(), [workshop]);
  const { runs, flaws, moldById, binById } = view;
  return useMemo(() => {
    const facts = { runs, flaws, moldById, binById, pours: pours ?? [] };
    return { ...learnCauses(findingsOf(facts)), castings: countedCastings(facts) };
  }, [runs, flaws, moldById, binById, pours]);
}
