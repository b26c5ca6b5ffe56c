'use client';

import { useMemo } from 'react';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { StepCard, useBench, usePreferences } from '../shared';
import { asStep } from './as-step';
import { stepsOf } from './facts';
import { lookOfBuild } from './look-of-build';

const THROUGH = {
  title: 'All built',
  how: 'Look them over, then end the run: they go in their bags.',
  press: 'Built',
};

interface RunCardProps {
  readonly building: Building;
  readonly build: BuildRecord;
}

/** The card of a building run, with the bait as far as it is. */
export function RunCard({ building, build }: RunCardProps) {
  const { view, workshop, carryOut } = useBench();
  const { hand } = usePreferences();
  const steps = useMemo(() => stepsOf(build, view), [build, view]);
  const times = steps.map((each) => each.count?.times ?? 0);
  const drying = steps.map(({ dries }) => dries);
  return (
    <StepCard
      piece="Bait"
      run={building}
      steps={steps}
      through={THROUGH}
      onGo={() => void carryOut(workshop.buildings.press(building.id, times, drying))}
      onBack={() => void carryOut(workshop.buildings.pressBack(building.id, steps.length))}
      picture={(step, at, width) => (
        <BaitDrawing
          name={`Step ${at + 1}, drawn`}
          look={lookOfBuild(asStep(build, building.isThrough ? null : step.id), view)}
          pose="pulled"
          pxPerMm={5}
          maxWidthPx={width}
          maxHeightPx={320}
          isMirrored={hand === 'left'}
        />
      )}
    />
  );
}
