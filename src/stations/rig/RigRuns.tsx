'use client';

import { afterRigging } from '@/model/next/next-steps';
import { Button } from 'antd';
import { findRigKind } from '@/core/rigs/kinds';
import { weighRig } from '@/core/rigs/weigh-rig';
import { rigOf } from '@/model/bills/rig-uses';
import { newestRigs, riggable, stepsOfRig } from '@/model/rigs/rig-facts';
import { cutOrder } from '@/model/rigs/run-plan';
import type { Rigging, RigRecord } from '@/records/rig';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import {
  plainAmount,
  plainBack,
  type CardRunKind,
  type StepPicture,
} from '@/station-kit/card-runs/card-run-kind';
import { inBackground } from '@/station-kit/in-background';
import { usePreferences } from '@/station-kit/preferences-store';
import { usePrint } from '@/station-kit/use-print';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { CutCard } from './CutCard';
import { walletSheet } from '@/station-kit/print/print-wallet';

const TWENTY = 20;

/** Runs of rigs: cuts first, then the card. */
export const RIG_RUNS: CardRunKind<RigRecord, Rigging> = {
  words: {
    piece: 'Rig',
    verb: 'Make',
    made: 'made',
    through: { title: 'All made', how: 'Look them over, then end the run: they go in the wallet.' },
    goOn: 'Go on',
    none: 'No rig is kept yet.',
    first: 'Make a rig',
    gone: 'a rig gone',
  },
  mostAtOnce: TWENTY,
  reasons: ({ kind }) => findRigKind(kind).reasons,
  canStrip: true,
  neverBack: 'What is cut stays cut.',
  underWay: ({ rigging }) => rigging,
  past: ({ riggings }) => riggings.filter(({ state }) => state === 'made'),
  items: ({ rigs }) => newestRigs(rigs),
  itemOf: ({ rigId }, { rigById }) => rigById.get(rigId),
  gives: riggable,
  thumb: (rig, view) => (
    <RigDrawing name="" rig={rigOf(rig, view)} maxWidthPx={128} maxHeightPx={60} pxPerMm={1.4} isBroken />
  ),
  steps: (rig, _run, view, { length }) => stepsOfRig(rig, view, length),
  picture: (of) => <RigAtStep {...of} />,
  tools: ({ kind }) => findRigKind(kind).tools,
  checks: ({ kind }) => findRigKind(kind).checks,
  backOf: (run, _rig, used) => plainBack(run, used),
  amountText: plainAmount,
  massOf: (rig, view) => {
    const { massG, unweighed } = weighRig(rigOf(rig, view));
    return unweighed.length > 0 ? null : massG;
  },
  gaugeOf: (rig, view) => findRigKind(rig.kind).finished?.(rigOf(rig, view)) ?? null,
  doing: ({ riggings }) => riggings,
  keepSteps: ({ rigs }, id, own) => rigs.ownSteps(id, own),
  saysEnded: (passed) =>
    passed > 0
      ? `${passed} lie in the rig wallet. What was over is back on the shelf.`
      : 'Its parts are back on the shelf; what was cut is not.',
  next: (rig) => afterRigging(rig),
  before: (run) => (run.cutDone < cutOrder(run.cut).length ? <CutCard rigging={run} /> : null),
  Actions: PrintLabels,
};

/** The whole rig with its numbers, while one of its steps is done. */
function RigAtStep({ item, step, at, widthPx }: StepPicture<RigRecord, Rigging>) {
  const { view } = useBench();
  const { hand } = usePreferences();
  return (
    <RigDrawing
      name={`Step ${at + 1}: ${step.title}`}
      rig={rigOf(item, view)}
      maxWidthPx={widthPx}
      maxHeightPx={260}
      pxPerMm={4}
      isBroken
      hasNumbers
      isMirrored={hand === 'left'}
    />
  );
}

function PrintLabels({ run, item }: { readonly run: Rigging; readonly item: RigRecord }) {
  const { view } = useBench();
  const { strength } = useUnits();
  const print = usePrint();
  return (
    <Button size="small" onClick={() => inBackground(print(walletSheet(item, run, view, strength)))}>
      Print wallet labels
    </Button>
  );
}
