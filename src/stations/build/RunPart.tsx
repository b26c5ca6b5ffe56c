'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { bagsOf, keptApart } from '@/core/builds/bag-baits';
import { builtSoFar } from '@/core/builds/turn-build-card';
import { findKind } from '@/core/builds/kinds';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { RunSide, RunsSoFar, ShelfGives, useBench, usePreferences, usePrint } from '../shared';
import { buildableOf, buildText, newestOf, pieceOf, stepsOf } from './facts';
import { lookOfBuild } from './look-of-build';
import { EndBuilding } from './EndBuilding';
import { labelsSheet } from './print-labels';
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
  return (
    <div className={styles.rest}>
      {said ? (
        <p role="status" className={styles.said}>
          {said}
        </p>
      ) : null}
      <ShelfGives
        verb="Build"
        none="No bait is kept yet. Make one under Bait."
        rows={newestOf(view.builds).map((each) => {
          const gives = buildableOf(each, view);
          return {
            ...gives,
            id: each.id,
            name: buildText(each),
            onMake: () => onBuild(each, Math.max(1, Math.min(SIX, gives.count))),
            picture: (
              <BaitDrawing
                name=""
                look={lookOfBuild(each, view)}
                pose="pulled"
                pxPerMm={1.1}
                maxWidthPx={128}
                maxHeightPx={74}
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
  building,
  build,
  onEnded,
}: {
  readonly building: Building;
  readonly build: BuildRecord;
  readonly onEnded: (said: string) => void;
}) {
  const { view, workshop, carryOut } = useBench();
  const [isEnding, setEnding] = useState(false);
  const steps = stepsOf(build, view);
  const done = building.isThrough ? building.count : builtSoFar(building.card, steps.length, building.way);
  return (
    <>
      <RunSide
        name={buildText(build)}
        word="built"
        run={building}
        done={done}
        tools={findKind(build.kind).tools}
        onEnd={() => setEnding(true)}
        onRest={(isResting) => void carryOut(workshop.buildings.rest(building.id, isResting))}
      >
        <RunCard building={building} build={build} />
      </RunSide>
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
    </>
  );
}

function PastRuns() {
  const { view, workshop } = useBench();
  const print = usePrint();
  const { mass } = usePreferences();
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
    <RunsSoFar
      runs={view.buildings.filter(({ state }) => state === 'built')}
      nameOf={({ buildId }) => {
        const build = view.buildById.get(buildId);
        return build ? buildText(build) : 'a bait gone';
      }}
      actionsOf={(run) => {
        const build = view.buildById.get(run.buildId);
        return build ? (
          <Button
            size="small"
            onClick={() => void print(labelsSheet(build, run, view, mass, workshop.now()))}
          >
            Print bag labels
          </Button>
        ) : null;
      }}
    >
      {apart.map(([one, other]) => (
        <p key={`${one} ${other}`} className={styles.mind}>
          {one} and {other}: their plastics melt each other. Never in one bag or box.
        </p>
      ))}
    </RunsSoFar>
  );
}
