'use client';

import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { apart, stack } from '@/ui/layout/layout';
import { useInHand } from '@/station-kit/use-in-address';
import { DndContext } from '@dnd-kit/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { nextFree } from '@/core/coats/rack/find-slot';
import { temperatureText } from '@/text/words';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { AfterCure } from './AfterCure';
import { CuringPanel } from './CuringPanel';
import { EveningStrip } from './EveningStrip';
import { HangingPanel } from './HangingPanel';
import { HangFromShelf } from '@/station-kit/coats/HangFromShelf';
import { RackDrawing } from './RackDrawing';
import { RackRail } from './RackRail';
import { usePicks } from './use-picks';
import { JobFailure } from '@/station-kit/JobFailure';
import { useRackAll } from './use-rack-all';
import { isSame, useRackActions } from './use-rack-actions';
import { hangingSizeOf, waitingOf, type Waiting } from '@/station-kit/coats/waiting';
import { lineSize } from '@/model/coats/drying-line';
import { DipDialog } from '@/station-kit/coats/DipDialog';
import { WaitingList } from '@/station-kit/coats/WaitingList';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The rack drawn to scale, what waits for it, its cure, and the evening on one line. */
export function RackPart({ onSetUp }: { onSetUp: () => void }) {
  const { view } = useBench();
  const { temperature } = useUnits();
  const [chosen, setChosen] = useInHand('rack');
  const [isPicking, setPicking] = useState(false);
  const [dipped, setDipped] = useState<Waiting | null>(null);
  const [ovenId, setOvenId] = useState<string | null>(null);
  const [picks, setPicks] = usePicks();
  const sensors = useDragSensors();
  const waiting = waitingOf([...view.toCoat, ...picks], view, (celsius) =>
    temperatureText(celsius, temperature),
  );
  const ovens = view.heaters.filter((heater) => heater.oven !== null);
  const open = view.racks.filter(({ state }) => state === 'hanging' || state === 'curing');
  const rack =
    view.racks.find(({ id }) => id === chosen) ??
    open.find(({ state }) => state === 'curing') ??
    open[0] ??
    null;
  const oven = ovens.find(({ id }) => id === (rack?.ovenId ?? ovenId)) ?? ovens[0] ?? null;
  const rackAll = useRackAll(ovens.find(({ id }) => id === ovenId) ?? oven, (ids, hung) => {
    setPicks(picks.filter((pick) => !hung.some((each) => isSame(each, pick))));
    setChosen(ids[0] ?? null);
  });
  const { hang, move, takeDown, drop } = useRackActions({
    rack,
    oven,
    picks,
    onPicks: setPicks,
    onBegun: setChosen,
  });
  const isHanging = rack?.state === 'hanging';
  const isOnLine = rack?.ovenId === null;
  const size = isOnLine
    ? lineSize(
        rack.hung,
        rack.hung.flatMap(({ headBinId }) => hangingSizeOf(view.binById.get(headBinId), view) ?? []),
      )
    : (oven?.oven ?? null);

  const cureable = waiting.filter((each) => each.refusals.length === 0 && !each.isAirDried);
  return (
    <DndContext id="rack" sensors={sensors} onDragEnd={drop}>
      <RackRail
        chosen={rack?.id ?? null}
        onChoose={setChosen}
        end={
          <>
            {ovens.length > 1 ? (
              <Select
                aria-label="Which oven"
                value={ovenId ?? oven?.id}
                popupMatchSelectWidth={false}
                options={ovens.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={setOvenId}
              />
            ) : null}
            {oven ? (
              <Button
                type="primary"
                disabled={cureable.length === 0 || rackAll.job.is === 'working'}
                loading={rackAll.job.is === 'working'}
                onClick={() => rackAll.plan(cureable)}
              >
                {cureable.length > 0
                  ? `Rack all ${cureable.reduce((so, { count }) => so + count, 0)} in the fewest loads`
                  : 'Nothing waits for the rack'}
              </Button>
            ) : null}
          </>
        }
      />
      <JobFailure job={{ failure: rackAll.job.failure, again: () => rackAll.plan(cureable) }} />
      {rackAll.job.answer ? (
        <p role="status" className={styles.said}>
          {rackAll.job.answer}
        </p>
      ) : null}
      <div className={apart(20, styles.bench)}>
        <div className={stack(12, styles.left)}>
          {size ? (
            <RackDrawing
              rack={rack}
              oven={size}
              onMove={(index, step) => {
                const place = rack ? nextFree(rack.hung, index, size, step) : null;
                if (rack && place) move(rack, index, place);
              }}
              onTakeDown={(index) => rack && takeDown(rack, index)}
            />
          ) : null}
          {oven ? (
            <EveningStrip chosen={rack?.id ?? null} ovenId={oven.id} waiting={waiting} onChoose={setChosen} />
          ) : (
            <EmptyStation
              of="coat"
              says="No oven stands here. Heads are dipped or painted and hung without one; with one, say what its rack holds, and they are hung, cured and timed on it."
              mend={
                <Button type={waiting.length > 0 ? 'default' : 'primary'} onClick={onSetUp}>
                  Ovens and heat
                </Button>
              }
            />
          )}
        </div>
        <div className={stack(16, styles.right)}>
          {rack?.state === 'curing' && oven ? (
            <CuringPanel key={rack.id} rack={rack} oven={oven} onOut={() => setChosen(rack.id)} />
          ) : null}
          {rack?.state === 'out' ? <AfterCure key={rack.id} rack={rack} /> : null}
          {isHanging && oven ? <HangingPanel key={rack.id} rack={rack} oven={oven} /> : null}
          <WaitingList
            waiting={waiting}
            hasRack={oven !== null}
            onHang={(from) => inBackground(hang(from, null))}
            onDip={setDipped}
            onPick={() => setPicking(true)}
          />
        </div>
      </div>
      {dipped ? (
        <DipDialog
          waiting={dipped}
          onClose={() => setDipped(null)}
          onHung={(rackId, count) => {
            setPicks(
              picks.flatMap((pick) => {
                const left = isSame(dipped, pick) ? pick.count - count : pick.count;
                return left > 0 ? [{ ...pick, count: left }] : [];
              }),
            );
            setDipped(null);
            setChosen(rackId);
          }}
        />
      ) : null}
      {isPicking ? (
        <HangFromShelf
          taken={picks}
          onClose={() => setPicking(false)}
          onPick={(pick) => {
            setPicks([...picks, pick]);
            setPicking(false);
          }}
        />
      ) : null}
    </DndContext>
  );
}
