'use client';

import { Button } from 'antd';
import { useState } from 'react';
import { bagsOf, keptApart } from '@/core/builds/bag-baits';
import { builtSoFar } from '@/core/builds/turn-build-card';
import { findKind } from '@/core/builds/kinds';
import type { BuildRecord, Building } from '@/records/build';
import { BaitDrawing } from '@/ui/bait-drawing/BaitDrawing';
import { RunSide } from '@/station-kit/craft/RunSide';
import { RunsSoFar, ShelfGives } from '@/station-kit/craft/RunLists';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { usePrint } from '@/station-kit/use-print';
import { buildableOf, pieceOf, stepsOf } from '@/model/baits/bait-facts';
import { lookOfBuild } from './look-of-build';
import { EndBuilding } from './EndBuilding';
import { labelsSheet } from './print-labels';
import { RunCard } from './RunCard';
import styles from './run.module.css';
import { versionText } from '@/model/versions/version-text';
import { newestByFamily } from '@/model/versions/newest-by-family';
import { inBackground } from '@/station-kit/in-background';

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
        rows={newestByFamily(view.builds).map((each) => {
          const gives = buildableOf(each, view);
          return {
            ...gives,
            id: each.id,
            name: versionText(each),
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
        name={versionText(build)}
        word="built"
        run={building}
        done={done}
        tools={findKind(build.kind).tools}
        onEnd={() => setEnding(true)}
        onRest={(isResting) => inBackground(carryOut(workshop.buildings.rest(building.id, isResting)))}
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
    <RunsSoFar
      runs={view.buildings.filter(({ state }) => state === 'built')}
      nameOf={({ buildId }) => {
        const build = view.buildById.get(buildId);
        return build ? versionText(build) : 'a bait gone';
      }}
      actionsOf={(run) => {
        const build = view.buildById.get(run.buildId);
        return build ? (
          <Button
            size="small"
            onClick={() => inBackground(print(labelsSheet(build, run, view, mass, workshop.now())))}
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
