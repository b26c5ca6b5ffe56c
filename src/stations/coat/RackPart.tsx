'use client';

import { useInHand } from '@/station-kit/use-in-address';
import { useNotice } from '@/station-kit/use-notice';
import { DndContext, type DragEndEvent } from '@dnd-kit/core';
import { Button, Select } from 'antd';
import { useState } from 'react';
import { firstFree, isFree, nextFree, type Place } from '@/core/coats/rack/find-slot';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import type { Rack } from '@/records/rack';
import { temperatureText } from '@/station-kit/words';
import { useBench } from '@/station-kit/BenchProvider';
import { usePreferences } from '@/station-kit/preferences-store';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { AfterCure } from './AfterCure';
import { CuringPanel } from './CuringPanel';
import { EveningStrip } from './EveningStrip';
import { HangingPanel } from './HangingPanel';
import { HangFromShelf } from './HangFromShelf';
import { RackDrawing } from './RackDrawing';
import { RackRail } from './RackRail';
import { curesOn } from '@/model/coats/cure-choices';
import { schoolOf, powdersOn } from '@/model/coats/rack-facts';
import { usePicks } from './use-picks';
import { JobFailure } from '@/station-kit/JobFailure';
import { useRackAll } from './use-rack-all';
import { slotsOf, waitingOf, type Waiting } from './waiting';
import { WaitingList } from './WaitingList';
import styles from './rack.module.css';
import { inBackground } from '@/station-kit/in-background';

/** The rack drawn to scale, what waits for it, its cure, and the evening on one line. */
export function RackPart({ onSetUp }: { onSetUp: () => void }) {
  const { view, workshop, carryOut } = useBench();
  const notice = useNotice();
  const { temperature, shedC } = usePreferences();
  const [chosen, setChosen] = useInHand('rack');
  const [isPicking, setPicking] = useState(false);
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
  if (!oven?.oven) {
    return (
      <div className={styles.empty}>
        <p>No oven stands here. Say what its rack holds, and heads are hung, cured and timed on it.</p>
        <Button type="primary" onClick={onSetUp}>
          Ovens and heat
        </Button>
      </div>
    );
  }
  const ovenFacts = oven.oven;
  const isHanging = rack?.state === 'hanging';

  const hang = async (from: Waiting, place: Place | null) => {
    const slotsEach = slotsOf(from.bin, ovenFacts, view);
    const target = isHanging ? rack : null;
    const at = place ?? firstFree(target?.hung ?? [], ovenFacts, slotsEach);
    if (slotsEach < 1 || !at) {
      notice.error(
        slotsEach < 1
          ? `${from.bin.name} is longer than the rods are apart, and would not hang free.`
          : 'The rack is full for this head. Hang another rack.',
        5,
      );
      return;
    }
    const head = {
      headBinId: from.headBinId,
      coatId: from.coatId,
      ticketId: from.ticketId,
      lineId: from.lineId,
    };
    const hung = [...(target?.hung ?? []), { ...head, ...at, slotsEach }];
    if (target) {
      if (!(await carryOut(workshop.racks.rehang([{ id: target.id, hung }])))) return;
    } else {
      const begun = await beginRack(hung);
      if (!begun) return;
      setChosen(begun);
    }
    if (from.ticketId === null) {
      setPicks(
        picks.flatMap((pick) =>
          isSame(from, pick) ? (pick.count > 1 ? [{ ...pick, count: pick.count - 1 }] : []) : [pick],
        ),
      );
    }
  };
  /** A fresh rack begins with a cure that suits what hangs on it, or its card's where none does. */
  const beginRack = async (hung: Rack['hung']) => {
    const [best] = curesOn({ hung }, view);
    if (!best) return null;
    const { partC, minutes } = best.cure;
    const school = schoolOf(best.cure, powdersOn(hung, view)[0]);
    const [id] = await workshop.racks.hang([
      { ovenId: oven.id, school, partC, minutes, startC: shedC, hung },
    ]);
    return id;
  };
  const move = (target: Rack, index: number, place: Place) =>
    inBackground(
      carryOut(
        workshop.racks.rehang([
          {
            id: target.id,
            hung: target.hung.map((head, at) => (at === index ? { ...head, ...place } : head)),
          },
        ]),
      ),
    );
  const takeDown = (target: Rack, index: number) =>
    inBackground(
      carryOut(workshop.racks.rehang([{ id: target.id, hung: target.hung.filter((_, at) => at !== index) }])),
    );
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over) return;
    const place = over.data.current as Place | undefined;
    const from = active.data.current as { waiting?: Waiting; index?: number } | undefined;
    if (from?.waiting && place) {
      const slotsEach = slotsOf(from.waiting.bin, ovenFacts, view);
      if (!isFree(isHanging ? rack.hung : [], ovenFacts, place, slotsEach)) {
        notice.info('Something hangs there, or it would stick out. Let it go over a free slot.', 4);
        return;
      }
      inBackground(hang(from.waiting, place));
    } else if (rack && isHanging && from?.index !== undefined) {
      if (over.id === 'waiting') takeDown(rack, from.index);
      else if (place) {
        const others = rack.hung.filter((_, at) => at !== from.index);
        if (isFree(others, ovenFacts, place, rack.hung[from.index]?.slotsEach ?? 1))
          move(rack, from.index, place);
      }
    }
  };
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
                value={ovenId ?? oven.id}
                popupMatchSelectWidth={false}
                options={ovens.map(({ id, name }) => ({ value: id, label: name }))}
                onChange={setOvenId}
              />
            ) : null}
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
          </>
        }
      />
      <JobFailure job={{ failure: rackAll.job.failure, again: () => rackAll.plan(cureable) }} />
      {rackAll.job.answer ? (
        <p role="status" className={styles.said}>
          {rackAll.job.answer}
        </p>
      ) : null}
      <div className={styles.bench}>
        <div className={styles.left}>
          <RackDrawing
            rack={rack}
            oven={ovenFacts}
            onMove={(index, step) => {
              const place = rack ? nextFree(rack.hung, index, ovenFacts, step) : null;
              if (rack && place) move(rack, index, place);
            }}
            onTakeDown={(index) => rack && takeDown(rack, index)}
          />
          <EveningStrip chosen={rack?.id ?? null} ovenId={oven.id} waiting={waiting} onChoose={setChosen} />
        </div>
        <div className={styles.right}>
          {rack?.state === 'curing' ? (
            <CuringPanel key={rack.id} rack={rack} oven={oven} onOut={() => setChosen(rack.id)} />
          ) : null}
          {rack?.state === 'out' ? <AfterCure key={rack.id} rack={rack} /> : null}
          {isHanging ? <HangingPanel key={rack.id} rack={rack} oven={oven} /> : null}
          <WaitingList
            waiting={waiting}
            onHang={(from) => inBackground(hang(from, null))}
            onPaint={(from) =>
              inBackground(
                carryOut(
                  workshop.racks.paint(
                    {
                      headBinId: from.headBinId,
                      coatId: from.coatId,
                      ticketId: from.ticketId,
                      lineId: from.lineId,
                    },
                    from.count,
                  ),
                ).then((done) => done && setPicks(picks.filter((pick) => !isSame(from, pick)))),
              )
            }
            onPick={() => setPicking(true)}
          />
        </div>
      </div>
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

/** Whether what waits is what was picked from the shelf, for no ticket. */
function isSame(waiting: WaitingHeads, pick: WaitingHeads): boolean {
  return waiting.ticketId === null && waiting.headBinId === pick.headBinId && waiting.coatId === pick.coatId;
}
