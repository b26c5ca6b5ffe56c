'use client';

import { createContext, useCallback, useContext, useMemo } from 'react';
import type { Problem } from '@/core/problems/problem';
import { sentence } from '@/text/sentence';
import { writerIn, type Writer } from '@/text/writer';
import { METRIC, type ScreenUnits } from '@/text/written-in';

/** Says in which units all within it is written; metric where nobody says. */
export const UnitsContext = createContext<ScreenUnits>(METRIC);

/** The units to write in. */
export function useUnits(): ScreenUnits {
  return useContext(UnitsContext);
}

/** Writes what is measured in these units. */
export function useWriter(): Writer {
  const units = useUnits();
  return useMemo(() => writerIn(units), [units]);
}

/** Says what is wrong with a question, and what would be right, in these units. */
export function useSentence(): (problem: Problem) => string {
  const write = useWriter();
  return useCallback((problem) => sentence(problem, write), [write]);
}
