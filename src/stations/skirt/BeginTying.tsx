'use client';

import { useState } from 'react';
import { findHold } from '@/core/skirts/holds';
import type { BenchView } from '@/model/bench/bench-view';
import type { Bin } from '@/records/bin';
import type { Skirt } from '@/records/skirt';
import type { Tying } from '@/records/tying';
import { BeginRun } from '@/station-kit/card-runs/BeginRun';
import { HeadField } from '@/station-kit/put-down/HeadField';
import { useBench } from '@/station-kit/BenchProvider';
import { planRun, takenOf, withSwaps } from '@/model/skirts/run-plan';
import { SwapRows } from './SwapRows';
import { paceOf } from '@/model/pace/pace-of';
import { versionText } from '@/model/versions/version-text';

export interface TyingWish {
  readonly skirt: Skirt;
  readonly count: number;
  readonly headBinId: string | null;
  readonly ticketId: string | null;
  readonly lineId: string | null;
}

interface BeginTyingProps {
  readonly wish: TyingWish;
  readonly onBegun: () => void;
  readonly onClose: () => void;
}

/** Heads to begin with where a skirt is wound on them: bare-hooked ones that lie there, of the style that it is shown on first. */
function headFor({ shownOn }: Skirt, view: BenchView): string | null {
  const heads = view.bins.filter(
    (bin) =>
      bin.kind === 'head' &&
      bin.skirtId === null &&
      (bin.hookBinId !== null || bin.bought !== null) &&
      (view.levels.get(bin.id) ?? 0) >= 1,
  );
  const isAlike = (bin: Bin) => Number(bin.kind === 'head' && bin.style === shownOn.style);
  return [...heads].sort((one, other) => isAlike(other) - isAlike(one))[0]?.id ?? null;
}

/** Before the first is tied: how many, on what, which tabs and collars to pull, what stands for what is short. */
export function BeginTying({ wish, onBegun, onClose }: BeginTyingProps) {
  const { view, workshop, carryOut } = useBench();
  const [count, setCount] = useState(wish.count);
  const { isOnHead = false, name: holdName } = findHold(wish.skirt.hold);
  const [headBinId, setHeadBinId] = useState(
    () => wish.headBinId ?? (isOnHead ? headFor(wish.skirt, view) : null),
  );
  const [way, setWay] = useState<Tying['way']>('one-by-one');
  const [swaps, setSwaps] = useState<Tying['swaps']>([]);
  const { skirt } = wish;
  const line = view.tickets.flatMap(({ lines }) => lines).find((each) => each.id === wish.lineId);
  const recipe = withSwaps(skirt, swaps);
  const guard = line?.guardBinId ?? (headBinId === null ? null : skirt.shownOn.guardBinId);
  const rattle = headBinId === null ? null : skirt.shownOn.rattleBinId;
  const others = [guard, rattle, line?.trailerBinId ?? null].flatMap((each) => (each === null ? [] : [each]));
  const plan = planRun(recipe, count, view, line?.collarBinId ?? skirt.collar.binId, others);
  const headsThere = headBinId === null ? Infinity : (view.levels.get(headBinId) ?? 0);
  const headBin = headBinId === null ? undefined : view.binById.get(headBinId);
  const isReady = plan.canBegin && count <= headsThere && !(isOnHead && headBinId === null);
  return (
    <BeginRun
      title={`Tie ${count} × ${versionText(skirt)}`}
      okText="Pull them and begin"
      widthPx={620}
      {...{ count, onCount: setCount, way, onWay: setWay, one: 'One skirt at a time', onClose, onBegun }}
      fields={
        <HeadField
          label="On"
          value={headBinId}
          none={isOnHead ? 'choose the heads' : 'loose skirts, for the shelf'}
          isFixed={wish.lineId !== null}
          problem={count > headsThere ? `Only ${headsThere} lie there. Tie fewer, or count them.` : null}
          suits={({ skirtId, hookBinId, bought, id }) =>
            skirtId === null && (hookBinId !== null || bought !== null || id === wish.headBinId)
          }
          onChange={(bin) => setHeadBinId(bin?.id ?? null)}
        />
      }
      problems={
        isOnHead && headBinId === null
          ? [`${holdName} is wound on a hook: choose the heads that they are tied on.`]
          : []
      }
      canBegin={isReady}
      pace={paceOf({ stage: 'skirt', family: skirt.family, kind: skirt.hold }, view)}
      onBegin={() => {
        const { ticketId, lineId } = wish;
        const taken = takenOf(plan);
        const run = { skirtId: skirt.id, count, way, headBinId, ticketId, lineId, swaps, taken };
        return carryOut(workshop.tyings.begin(run));
      }}
    >
      <SwapRows
        alsoShort={headBin && count > headsThere ? [{ bin: headBin, needed: count }] : []}
        plan={plan}
        swaps={swaps}
        skirt={skirt}
        onSwap={(fromBinId, toBinId) =>
          setSwaps([
            ...swaps.filter(({ layerId }) =>
              recipe.layers.every((layer) => layer.id !== layerId || layer.binId !== fromBinId),
            ),
            ...recipe.layers
              .filter(({ binId }) => binId === fromBinId)
              .map(({ id: layerId }) => ({ layerId, binId: toBinId })),
          ])
        }
        onReset={() => setSwaps([])}
      />
    </BeginRun>
  );
}
