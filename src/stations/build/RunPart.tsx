'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { bagsOf, keptApart } from '@/core/builds/bag-baits';
import { builtSoFar } from '@/core/builds/turn-build-card';
import { findKind } from '@/core/builds/kinds';
import { sum } from '@/core/numeric/sum';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { minutesText, useBench, useNow, usePreferences } from '../shared';
import { buildableOf, buildText, newestOf, pieceOf, stepsOf } from './facts';
import { lookOfBuild } from './look-of-build';
import { EndBuilding } from './EndBuilding';
import { printLabels } from './print-labels';
import { RunCard } from './RunCard';
import styles from './run.module.css';

interface RunPartProps {
  readonly onBuild: (build: BuildRecord, count: number) => void;
}

const SIX = 6;

/** The run under way with its card; else what the shelf gives, and the runs so far with their bags. */
export function RunPart({ onBuild }: RunPartProps) {
  const { view } = useBench();
  const [said, setSaid] = useState<string | null>(null);
  const build = view.building ? view.buildById.get(view.building.buildId) : undefined;
  if (view.building && build) {
    return <RunUnderWay building={view.building} build={build} onEnded={setSaid} />;
  }
  const board = newestOf(view.builds)
    .map((each) => ({ build: each, ...buildableOf(each, view) }))
    .sort((a, b) => b.count - a.count);
  return (
    <div className={styles.rest}>
      {said ? (
        <p role="status" className={styles.said}>
          {said}
        </p>
      ) : null}
      <section aria-label="From the shelf now">
        <h3>What the shelf gives now</h3>
        {board.length === 0 ? <p>No bait is kept yet. Make one under Bait.</p> : null}
        <ul className={styles.gives}>
          {board.map(({ build: each, count, limiting }) => (
            <li key={each.id}>
              <BaitDrawing
                name=""
                look={lookOfBuild(each, view)}
                pose="pulled"
                pxPerMm={1.1}
                maxWidthPx={128}
                maxHeightPx={74}
              />
              <span>
                <strong>{buildText(each)}</strong>
                <small>
                  {count > 0 ? `${count} from the shelf` : 'none from the shelf'}
                  {limiting.length > 0 ? `, then ${limiting.slice(0, 2).join(' and ')} runs out` : ''}
                </small>
              </span>
              <Button
                aria-label={`Build ${buildText(each)}`}
                onClick={() => onBuild(each, Math.max(1, Math.min(SIX, count)))}
              >
                Build
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
  building,
  build,
  onEnded,
}: {
  readonly building: Building;
  readonly build: BuildRecord;
  readonly onEnded: (said: string) => void;
}) {
  const { view, workshop, carryOut } = useBench();
  const now = useNow(workshop.now, 10_000);
  const [isEnding, setEnding] = useState(false);
  const steps = stepsOf(build, view);
  const done = building.isThrough ? building.count : builtSoFar(building.card, steps.length, building.way);
  const seconds =
    building.seconds + (building.inHand === null ? 0 : Math.max(0, (now - building.inHand) / 1000));
  const kind = findKind(build.kind);
  return (
    <div className={styles.run}>
      <RunCard building={building} build={build} />
      <aside className={styles.side} aria-label="This run">
        <h3>
          {building.count} × {buildText(build)}
        </h3>
        <p>
          <strong>
            {done} of {building.count}
          </strong>{' '}
          built, {minutesText(seconds)} at it
        </p>
        <div className={styles.buttons}>
          <Button type="primary" onClick={() => setEnding(true)}>
            End the run
          </Button>
          <Button
            onClick={() => void carryOut(workshop.buildings.rest(building.id, building.inHand !== null))}
          >
            {building.inHand === null ? 'Take it in hand' : 'Lay it aside'}
          </Button>
        </div>
        <h4>Taken for it</h4>
        <ul>
          {building.taken.map(({ binId, qty }) => (
            <li key={binId}>
              {qty} × {view.binById.get(binId)?.name ?? 'a bin gone'}
            </li>
          ))}
        </ul>
        <h4>By hand</h4>
        <p className="quiet">{kind.tools.join(', ')}</p>
      </aside>
      {isEnding ? (
        <EndBuilding
          building={building}
          build={build}
          done={done}
          onClose={() => setEnding(false)}
          onEnded={(passed) =>
            onEnded(
              passed > 0
                ? `${passed} lie in the bait box, in ${bagsOf(passed).length === 1 ? 'one bag' : `${bagsOf(passed).length} bags`}. What was over is back on the shelf.`
                : 'All of it is back on the shelf.',
            )
          }
        />
      ) : null}
    </div>
  );
}

function PastRuns() {
  const { view, workshop } = useBench();
  const { mass } = usePreferences();
  const past = view.buildings.filter(({ state }) => state === 'built').sort((a, b) => b.no - a.no);
  if (past.length === 0) return null;
  const inBox = newestOf(view.builds).filter(({ id }) => (view.levels.get(`bait-${id}`) ?? 0) > 0);
  const apart = keptApart(
    inBox.map((build) => ({
      name: buildText(build),
      plastic:
        pieceOf(build.slots.find(({ slot }) => slot === 'trailer')?.binId ?? null, view)?.gauge.plastic ??
        null,
    })),
  );
  return (
    <section aria-label="Runs so far">
      <h3>Runs so far</h3>
      {apart.map(([one, other]) => (
        <p key={`${one} ${other}`} className={styles.mind}>
          {one} and {other}: their plastics melt each other. Never in one bag or box.
        </p>
      ))}
      <ul className={styles.past}>
        {past.slice(0, 8).map((run) => {
          const build = view.buildById.get(run.buildId);
          const failed = sum(run.failed.map(({ count }) => count));
          return (
            <li key={run.id}>
              <strong>
                Run {run.no}: {run.passed} × {build ? buildText(build) : 'a bait gone'}
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
              {build ? (
                <Button size="small" onClick={() => void printLabels(build, run, view, mass, workshop.now())}>
                  Print bag labels
                </Button>
              ) : null}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
