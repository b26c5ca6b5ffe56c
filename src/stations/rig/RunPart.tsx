'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { builtSoFar } from '@/core/builds/turn-build-card';
import { findRigKind } from '@/core/rigs/kinds';
import { weighRig } from '@/core/rigs/weigh-rig';
import type { Rigging, RigRecord } from '@/records/rig';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { rigOf } from '@/model/bills/rig-uses';
import { EndRun } from '@/station-kit/craft/EndRun';
import { RunSide } from '@/station-kit/craft/RunSide';
import { RunsSoFar, ShelfGives } from '@/station-kit/craft/RunLists';
import { StepCard } from '@/station-kit/craft/StepCard';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { usePrint } from '@/station-kit/use-print';
import { CutCard } from './CutCard';
import { newestRigs, riggable, stepsOfRig } from '@/model/rigs/rig-facts';
import { walletSheet } from './print-wallet';
import { cutOrder } from '@/model/rigs/run-plan';
import styles from './run.module.css';
import { versionText } from '@/model/versions/version-text';
import { inBackground } from '@/station-kit/in-background';

interface RunPartProps {
  readonly onMake: (rig: RigRecord, count: number) => void;
}

const TWENTY = 20;
const THROUGH = {
  title: 'All made',
  how: 'Look them over, then end the run: they go in the wallet.',
  press: 'Made',
};
const REASONS = ['crimp slipped', 'knot slipped', 'too long or short', 'out of line'] as const;

/** The run under way: cuts first, then the card; else what the shelf gives, and the runs so far. */
export function RunPart({ onMake }: RunPartProps) {
  const { view } = useBench();
  const [said, setSaid] = useState<string | null>(null);
  const rig = view.rigging ? view.rigById.get(view.rigging.rigId) : undefined;
  if (view.rigging && rig) return <RunUnderWay rigging={view.rigging} rig={rig} onEnded={setSaid} />;
  return (
    <div className={styles.still}>
      {said ? (
        <p role="status" className={styles.said}>
          {said}
        </p>
      ) : null}
      <ShelfGives
        verb="Make"
        none="No rig is kept yet. Make one under Rig."
        rows={newestRigs(view.rigs).map((each) => {
          const gives = riggable(each, view);
          return {
            ...gives,
            id: each.id,
            name: versionText(each),
            onMake: () => onMake(each, Math.max(1, Math.min(TWENTY, gives.count))),
            picture: (
              <RigDrawing
                name=""
                rig={rigOf(each, view)}
                maxWidthPx={128}
                maxHeightPx={60}
                pxPerMm={1.4}
                isBroken
              />
            ),
          };
        })}
      />
      <PastRuns />
    </div>
  );
}

function RunUnderWay({
  rigging,
  rig: record,
  onEnded,
}: {
  readonly rigging: Rigging;
  readonly rig: RigRecord;
  readonly onEnded: (said: string) => void;
}) {
  const { view, workshop, carryOut } = useBench();
  const { hand } = usePreferences();
  const [isEnding, setEnding] = useState(false);
  const steps = stepsOfRig(record, view);
  const kind = findRigKind(record.kind);
  const rig = rigOf(record, view);
  const isCut = rigging.cutDone >= cutOrder(rigging.cut).length;
  const done = rigging.isThrough ? rigging.count : builtSoFar(rigging.card, steps.length, rigging.way);
  const { massG, unweighed } = weighRig(rig);
  const times = steps.map(({ count }) => count?.times ?? 0);
  const drying = steps.map(({ dries }) => dries);
  return (
    <>
      <RunSide
        name={versionText(record)}
        word="made"
        run={rigging}
        done={done}
        tools={kind.tools}
        onEnd={() => setEnding(true)}
        onRest={(isResting) => inBackground(carryOut(workshop.riggings.rest(rigging.id, isResting)))}
      >
        {isCut ? (
          <StepCard
            piece="Rig"
            run={rigging}
            steps={steps}
            through={THROUGH}
            onGo={() => inBackground(carryOut(workshop.riggings.press(rigging.id, times, drying)))}
            onBack={() => inBackground(carryOut(workshop.riggings.pressBack(rigging.id, steps.length)))}
            picture={(step, at, width) => (
              <RigDrawing
                name={`Step ${at + 1}: ${step.title}`}
                rig={rig}
                maxWidthPx={width}
                maxHeightPx={260}
                pxPerMm={4}
                isBroken
                hasNumbers
                isMirrored={hand === 'left'}
              />
            )}
          />
        ) : (
          <CutCard rigging={rigging} />
        )}
      </RunSide>
      {isEnding ? (
        <EndRun
          made="Made"
          goOn="Go on"
          run={rigging}
          done={done}
          checks={kind.checks}
          reasons={REASONS}
          note="What is cut stays cut."
          onClose={() => setEnding(false)}
          onEnd={async (end) => {
            const ended = await carryOut(
              workshop.riggings.end(rigging.id, { ...end, massG: unweighed.length > 0 ? null : massG }),
            );
            if (ended)
              onEnded(
                end.passed > 0
                  ? `${end.passed} lie in the rig wallet. What was over is back on the shelf.`
                  : 'Its parts are back on the shelf; what was cut is not.',
              );
          }}
        />
      ) : null}
    </>
  );
}

function PastRuns() {
  const { view } = useBench();
  const print = usePrint();
  return (
    <RunsSoFar
      runs={view.riggings.filter(({ state }) => state === 'made')}
      nameOf={({ rigId }) => {
        const rig = view.rigById.get(rigId);
        return rig ? versionText(rig) : 'a rig gone';
      }}
      actionsOf={(run) => {
        const rig = view.rigById.get(run.rigId);
        return rig ? (
          <Button size="small" onClick={() => inBackground(print(walletSheet(rig, run, view)))}>
            Print wallet labels
          </Button>
        ) : null;
      }}
    />
  );
}
