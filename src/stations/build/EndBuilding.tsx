'use client';

import { findKind } from '@/core/builds/kinds';
import type { BuildRecord, Building } from '@/records/build';
import { EndRun } from '@/station-kit/craft/EndRun';
import { useBench } from '@/station-kit/BenchProvider';
import { finishedOf, weightLines } from '@/model/baits/bait-facts';

interface EndBuildingProps {
  readonly building: Building;
  readonly build: BuildRecord;
  readonly done: number;
  readonly onClose: () => void;
  readonly onEnded: (passed: number) => void;
}

const REASONS = ['does not spin freely', 'does not run true', 'eye or loop open', 'crooked'] as const;

/** Baits are looked over and booked into the bait box. */
export function EndBuilding({ building, build, done, onClose, onEnded }: EndBuildingProps) {
  const { view, workshop, carryOut } = useBench();
  const { finishedG, unweighed } = finishedOf(weightLines(build, view));
  return (
    <EndRun
      made="Built"
      goOn="Go on building"
      run={building}
      done={done}
      checks={findKind(build.kind).checks}
      reasons={REASONS}
      onClose={onClose}
      onEnd={async (end) => {
        const massG = unweighed.length > 0 ? null : finishedG;
        const ended = await carryOut(workshop.buildings.end(building.id, { ...end, massG }));
        if (ended) onEnded(end.passed);
      }}
    />
  );
}
