'use client';

import { useState } from 'react';
import { judgeBuild } from '@/core/builds/judge-build';
import { buildOf, headsFor } from '@/model/baits/bait-facts';
import { kitOf, usualHead } from '@/model/baits/run-plan';
import { hasWiredHead } from '@/model/bills/build-uses';
import { paceOf } from '@/model/pace/pace-of';
import { versionText } from '@/model/versions/version-text';
import type { BenchView } from '@/model/bench/bench-view';
import type { Building, BuildRecord } from '@/records/build';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { BeginRun } from '@/station-kit/card-runs/BeginRun';
import { KitTable } from '@/station-kit/card-runs/KitTable';
import { HeadField } from '@/station-kit/put-down/HeadField';
import { findingSentence } from '@/text/build-sentence';
import { amountText } from '@/text/words';

interface BeginBuildingProps {
  readonly build: BuildRecord;
  readonly count: number;
  readonly onClose: () => void;
  readonly onBegun: () => void;
}

/** Says so where the heads are not in the bait’s color; null where they are, or none was chosen. */
function otherColorText(build: BuildRecord, headBinId: string | null, view: BenchView): string | null {
  const bin = headBinId === null ? undefined : view.binById.get(headBinId);
  const wanted = build.head?.coatId ?? null;
  if (bin?.kind !== 'head' || bin.coatId === wanted) return null;
  const color = (coatId: string | null) =>
    coatId === null ? 'bare' : `in ${view.coatById.get(coatId)?.name ?? 'a color gone'}`;
  return `These heads are ${color(bin.coatId)}; the bait is kept with its head ${color(wanted)}.`;
}

/** The kit of a run by bin: what it takes, where it lies, what is short; then it is pulled. */
export function BeginBuilding({ build, count: first, onClose, onBegun }: BeginBuildingProps) {
  const { view, workshop, carryOut } = useBench();
  const units = useUnits();
  const [count, setCount] = useState(first);
  const [way, setWay] = useState<Building['way']>('one-by-one');
  const heads = headsFor(build, view);
  const [headBinId, setHeadBinId] = useState(() => usualHead(build, first, view));
  const kit = kitOf(build, count, headBinId, view);
  const stops = judgeBuild(buildOf(build, view)).findings.filter(({ weight }) => weight === 'stop');
  const otherColor = otherColorText(build, headBinId, view);
  const noHead =
    heads.length > 0
      ? 'Choose which heads they are built on.'
      : 'No such head lies on the rack. Pour some, or change the bait’s head.';
  return (
    <BeginRun
      title={`Build ${count} × ${versionText(build)}`}
      okText="Take the kit and begin"
      widthPx={620}
      {...{ count, onCount: setCount, way, onWay: setWay, one: 'One bait at a time', onClose, onBegun }}
      fields={
        build.head && !hasWiredHead(build, view) ? (
          <HeadField
            label="Heads from"
            value={headBinId}
            none="choose them"
            suits={(bin) => heads.includes(bin)}
            onChange={(bin) => setHeadBinId(bin?.id ?? null)}
          />
        ) : null
      }
      problems={[...stops.map((stop) => findingSentence(stop, units)), ...(kit.wantsHead ? [noHead] : [])]}
      canBegin={kit.canBegin && stops.length === 0}
      pace={paceOf({ stage: 'build', family: build.family, kind: build.kind }, view)}
      onBegin={() => {
        const taken = kit.lines.map(({ binId, needed }) => ({ binId, qty: needed }));
        return carryOut(workshop.buildings.begin({ buildId: build.id, count, way, taken }));
      }}
    >
      {otherColor ? (
        <p role="note" className="wrong">
          {otherColor}
        </p>
      ) : null}
      <KitTable
        lines={kit.lines}
        text={(qty, binId) => amountText(qty, view.binById.get(binId) ?? { unit: 'pieces' }, units.mass)}
      />
    </BeginRun>
  );
}
