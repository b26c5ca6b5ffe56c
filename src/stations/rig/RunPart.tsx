'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { builtSoFar } from '@/core/builds/turn-build-card';
import { sum } from '@/core/numeric/sum';
import { findRigKind } from '@/core/rigs/kinds';
import { weighRig } from '@/core/rigs/weigh-rig';
import type { Rigging, RigRecord } from '@/records/rig';
import { RigDrawing } from '@/ui/rig-drawing/RigDrawing';
import { EndRun, minutesText, StepCard, useBench, useNow, usePreferences } from '../shared';
import { CutCard } from './CutCard';
import { newestRigs, riggable, rigOf, rigText, stepsOfRig } from './facts';
import { printWallet } from './print-wallet';
import { cutOrder } from './run-plan';
import styles from './run.module.css';

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
  const board = newestRigs(view.rigs)
    .map((each) => ({ rig: each, ...riggable(each, view) }))
    .sort((a, b) => b.count - a.count);
  return (
    <div className={styles.still}>
      {said ? (
        <p role="status" className={styles.said}>
          {said}
        </p>
      ) : null}
      <section aria-label="From the shelf now">
        <h3>What the shelf gives now</h3>
        {board.length === 0 ? <p>No rig is kept yet. Make one under Rig.</p> : null}
        <ul className={styles.gives}>
          {board.map(({ rig: each, count, limiting }) => (
            <li key={each.id}>
              <RigDrawing
                name=""
                rig={rigOf(each, view)}
                maxWidthPx={128}
                maxHeightPx={60}
                pxPerMm={1.4}
                isBroken
              />
              <span>
                <strong>{rigText(each)}</strong>
                <small>
                  {count > 0 ? `${count} from the shelf` : 'none from the shelf'}
                  {limiting[0] ? `, then ${limiting[0]} runs out` : ''}
                </small>
              </span>
              <Button
                aria-label={`Make ${rigText(each)}`}
                onClick={() => onMake(each, Math.max(1, Math.min(TWENTY, count)))}
              >
                Make
              </Button>
            </li>
          ))}
        </ul>
      </section>
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
  const now = useNow(workshop.now, 10_000);
  const [isEnding, setEnding] = useState(false);
  const steps = stepsOfRig(record, view);
  const kind = findRigKind(record.kind);
  const rig = rigOf(record, view);
  const isCut = rigging.cutDone >= cutOrder(rigging.cut).length;
  const done = rigging.isThrough ? rigging.count : builtSoFar(rigging.card, steps.length, rigging.way);
  const seconds =
    rigging.seconds + (rigging.inHand === null ? 0 : Math.max(0, (now - rigging.inHand) / 1000));
  const { massG, unweighed } = weighRig(rig);
  const times = steps.map(({ count }) => count?.times ?? 0);
  const drying = steps.map(({ dries }) => dries);
  return (
    <div className={styles.run}>
      {isCut ? (
        <StepCard
          piece="Rig"
          run={rigging}
          steps={steps}
          through={THROUGH}
          onGo={() => void carryOut(workshop.riggings.press(rigging.id, times, drying))}
          onBack={() => void carryOut(workshop.riggings.pressBack(rigging.id, steps.length))}
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
      <aside className={styles.side} aria-label="This run">
        <h3>
          {rigging.count} × {rigText(record)}
        </h3>
        <p>
          <strong>
            {done} of {rigging.count}
          </strong>{' '}
          made, {minutesText(seconds)} at it
        </p>
        <div className={styles.hands}>
          <Button type="primary" onClick={() => setEnding(true)}>
            End the run
          </Button>
          <Button onClick={() => void carryOut(workshop.riggings.rest(rigging.id, rigging.inHand !== null))}>
            {rigging.inHand === null ? 'Take it in hand' : 'Lay it aside'}
          </Button>
        </div>
        <h4>Taken for it</h4>
        <ul>
          {rigging.taken.map(({ binId, qty }) => (
            <li key={binId}>
              {qty} × {view.binById.get(binId)?.name ?? 'a bin gone'}
            </li>
          ))}
        </ul>
        <h4>By hand</h4>
        <p className="quiet">{kind.tools.join(', ')}</p>
      </aside>
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
    </div>
  );
}

function PastRuns() {
  const { view } = useBench();
  const past = view.riggings.filter(({ state }) => state === 'made').sort((a, b) => b.no - a.no);
  if (past.length === 0) return null;
  return (
    <section aria-label="Runs so far">
      <h3>Runs so far</h3>
      <ul className={styles.past}>
        {past.slice(0, 8).map((run) => {
          const rig = view.rigById.get(run.rigId);
          const failed = sum(run.failed.map(({ count }) => count));
          return (
            <li key={run.id}>
              <strong>
                Run {run.no}: {run.passed} × {rig ? rigText(rig) : 'a rig gone'}
              </strong>
              <span>
                {new Date(run.startedAt).toLocaleDateString('en-US', { day: 'numeric', month: 'short' })}
              </span>
              <span>{minutesText(run.seconds / Math.max(1, run.passed + failed))} each</span>
              {failed > 0 ? (
                <span>
                  {failed} failed: {run.failed.map(({ reason }) => reason).join(', ')}
                </span>
              ) : null}
              {rig ? (
                <Button size="small" onClick={() => void printWallet(rig, run, view)}>
                  Print wallet labels
                </Button>
              ) : null}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
