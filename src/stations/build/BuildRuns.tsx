'use client';

import { afterBuilding } from '@/model/next/next-steps';
import { Button } from 'antd';
import { inOwnOrder } from '@/core/card-runs/own-steps';
import { bagsOf, keptApart } from '@/core/builds/bag-baits';
import { findKind } from '@/core/builds/kinds';
import { buildableOf, finishedOf, pieceOf, weightLines } from '@/model/baits/bait-facts';
import { stepsOf } from '@/model/baits/bait-steps';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { versionText } from '@/model/versions/version-text';
import type { BuildRecord, Building } from '@/records/build';
import { useBench } from '@/station-kit/BenchProvider';
import { CardRunPart } from '@/station-kit/card-runs/CardRunPart';
import {
  plainAmount,
  plainBack,
  type CardRunKind,
  type StepPicture,
} from '@/station-kit/card-runs/card-run-kind';
import { inBackground } from '@/station-kit/in-background';
import { usePreferences } from '@/station-kit/preferences-store';
import { useUnits } from '@/ui/units/use-units';
import { usePrint } from '@/station-kit/use-print';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { asStep } from '@/model/baits/as-step';
import { lookOfBuild } from '@/station-kit/looks/look-of-build';
import { labelsSheet } from '@/station-kit/print/print-labels';
import styles from './run.module.css';

const SIX = 6;

/** Runs of baits. */
const BUILD_RUNS: CardRunKind<BuildRecord, Building> = {
  words: {
    piece: 'Bait',
    verb: 'Build',
    made: 'built',
    through: { title: 'All built', how: 'Look them over, then end the run: they go in their bags.' },
    goOn: 'Go on building',
    none: 'No bait is kept yet.',
    first: 'Make a bait',
    gone: 'a bait gone',
  },
  mostAtOnce: SIX,
  reasons: ({ kind }) => findKind(kind).reasons,
  canStrip: true,
  underWay: ({ building }) => building,
  past: ({ buildings }) => buildings.filter(({ state }) => state === 'built'),
  items: ({ builds }) => newestByFamily(builds),
  itemOf: ({ buildId }, { buildById }) => buildById.get(buildId),
  gives: buildableOf,
  thumb: (build, view) => (
    <BaitDrawing
      name=""
      look={lookOfBuild(build, view)}
      pose="pulled"
      pxPerMm={1.1}
      maxWidthPx={128}
      maxHeightPx={74}
    />
  ),
  steps: (build, _run, view, { length }) => stepsOf(build, view, length),
  picture: (of) => <BuiltSoFar {...of} />,
  tools: ({ kind }) => findKind(kind).tools,
  checks: ({ kind }) => findKind(kind).checks,
  backOf: (run, _build, used) => plainBack(run, used),
  amountText: plainAmount,
  massOf: (build, view) => {
    const { finishedG, unweighed } = finishedOf(weightLines(build, view));
    return unweighed.length > 0 ? null : finishedG;
  },
  doing: ({ buildings }) => buildings,
  keepSteps: ({ builds }, id, own) => builds.ownSteps(id, own),
  saysEnded: (passed) => {
    if (passed === 0) return 'All of it is back on the shelf.';
    const bags = bagsOf(passed).length;
    return `${passed} lie in the bait box, in ${bags === 1 ? 'one bag' : `${bags} bags`}. What was over is back on the shelf.`;
  },
  next: (build) => afterBuilding(build),
  Actions: PrintLabels,
};

/** The bait as far as it is at a step. */
function BuiltSoFar({ item, run, step, at, widthPx }: StepPicture<BuildRecord, Building>) {
  const { view } = useBench();
  const { hand } = usePreferences();
  const order = inOwnOrder(stepsOf(item, view), item.ownSteps ?? []).map(({ id }) => id);
  return (
    <BaitDrawing
      name={`Step ${at + 1}, drawn`}
      look={lookOfBuild(asStep(item, run.isThrough ? null : step.id, order), view)}
      pose="pulled"
      pxPerMm={5}
      maxWidthPx={widthPx}
      maxHeightPx={320}
      isMirrored={hand === 'left'}
    />
  );
}

function PrintLabels({ run, item }: { readonly run: Building; readonly item: BuildRecord }) {
  const { view, workshop } = useBench();
  const print = usePrint();
  const { mass } = useUnits();
  return (
    <Button
      size="small"
      onClick={() => inBackground(print(labelsSheet(item, run, view, mass, workshop.now())))}
    >
      Print bag labels
    </Button>
  );
}

interface BuildRunsProps {
  readonly onBuild: (build: BuildRecord, count: number) => void;
  readonly onFirst: () => void;
}

/** Runs of baits, and which of those in the box must not lie together. */
export function BuildRuns({ onBuild, onFirst }: BuildRunsProps) {
  const { view } = useBench();
  const inBox = newestByFamily(view.builds).filter(({ id }) => (view.levels.get(`bait-${id}`) ?? 0) > 0);
  const apart = keptApart(
    inBox.map((build) => ({
      name: versionText(build),
      plastic:
        pieceOf(build.slots.find(({ slot }) => slot === 'trailer')?.binId ?? null, view)?.gauge.plastic ??
        null,
    })),
  );
  return (
    <CardRunPart
      kind={BUILD_RUNS}
      onMake={onBuild}
      onFirst={onFirst}
      mind={apart.map(([one, other]) => (
        <p key={`${one} ${other}`} className={styles.mind}>
          {one} and {other}: their plastics melt each other. Never in one bag or box.
        </p>
      ))}
    />
  );
}
