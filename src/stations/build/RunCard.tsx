'use client';

import { useMemo } from 'react';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { StepCard } from '@/station-kit/craft/StepCard';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { asStep } from './as-step';
import { stepsOf } from '@/model/baits/bait-facts';
import { lookOfBuild } from './look-of-build';
import { inBackground } from '@/station-kit/in-background';

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
      onGo={() => inBackground(carryOut(workshop.buildings.press(building.id, times, drying)))}
      onBack={() => inBackground(carryOut(workshop.buildings.pressBack(building.id, steps.length)))}
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
