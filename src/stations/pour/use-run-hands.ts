'use client';

import { useMemo } from 'react';
import { beatFacts } from '@/core/pours/beat/beat-facts';
import { chooseHand } from '@/core/pours/beat/choose-hand';
import { schoolFor } from '@/core/pours/beat/schools';
import { isAtStart, standOf } from '@/core/pours/beat/stand-of';
import type { RunCount } from '@/core/pours/count-run';
import type { Run } from '@/records/run';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import type { HandBlock, RunHands } from '@/ui/pour-drawing/hand-block';

/** Every block of a run at a moment: where its beat stands, which one wants the hands and which comes next. */
export function useRunHands(run: Run, count: RunCount, now: number): RunHands {
  const { view } = useBench();
  const { beat: liked } = usePreferences();
  const fixed = useMemo(
    () =>
      run.blocks.flatMap((block, index) => {
        const mold = view.moldById.get(block.moldId);
        const counted = count.blocks[index];
        const state = view.beat?.blocks[index];
        if (!mold || !counted || !state) return [];
        const last = view.pours.filter(({ moldId }) => moldId === block.moldId).at(-1);
        const inMold = last?.castings.map(({ cavity }) => cavity) ?? [];
        const facts = beatFacts(mold, inMold, view.bench.freezeTrial);
        return [{ index, mold, count: counted, school: schoolFor(mold.kind, liked), facts, state }];
      }),
    [run, view, count, liked],
  );
  const blocks = fixed.map(({ state, ...block }): HandBlock => {
    const stand = standOf(block.school, block.facts, state, now);
    const isCast = block.count.next.length === 0;
    return {
      ...block,
      stand,
      isIn: state.isIn,
      isDone: isCast && (isAtStart(block.school, block.facts, stand.step.id) || block.school.id === 'tally'),
    };
  });
  const choice = chooseHand(
    blocks.map(({ stand, isIn, isDone }) => ({ stand, isDone: isDone || !isIn })),
    blocks.findIndex(({ index }) => index === view.beat?.held),
  );
  return {
    blocks,
    now: choice.now === null ? null : (blocks[choice.now] ?? null),
    next: choice.next === null ? null : (blocks[choice.next] ?? null),
    waiting: blocks.find(({ isIn, isDone }) => !isIn && !isDone) ?? null,
  };
}
