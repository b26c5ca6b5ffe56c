'use client';

import {
  DndContext,
  MouseSensor,
  TouchSensor,
  useSensor,
  useSensors,
  type DragEndEvent,
} from '@dnd-kit/core';
import { App, Button } from 'antd';
import { useState } from 'react';
import { firstFree, isFree, nextFree, type Place } from '@/core/coats/rack/find-slot';
import type { Rack } from '@/records/rack';
import { temperatureText, useBench, usePreferences } from '../shared';
import { AfterCure } from './AfterCure';
import { CuringPanel } from './CuringPanel';
import { EveningStrip } from './EveningStrip';
import { HangingPanel } from './HangingPanel';
import { HangFromShelf } from './HangFromShelf';
import { RackDrawing } from './RackDrawing';
import { RackRail } from './RackRail';
import { curesOn } from './cure-choices';
import { schoolOf, powdersOn } from './rack-facts';
import { usePicks } from './use-picks';
import { useRackAll } from './use-rack-all';
import { slotsOf, waitingOf, type Waiting } from './waiting';
import { WaitingList } from './WaitingList';
import styles from './rack.module.css';

/** The rack drawn to scale, what waits for it, its cure, and the evening on one line. */
export function RackPart({ onSetUp }: { onSetUp: () => void }) {
  const { view, workshop, carryOut } = useBench();
  const { message } = App.useApp();
  const { temperature, shedC } = usePreferences();
  const [chosen, setChosen] = useState<string | null>(null);
  const [isPicking, setPicking] = useState(false);
  const [picks, setPicks] = usePicks();
  // A press that does not move is a tap on the head, not a drag.
  const sensors = useSensors(
    useSensor(MouseSensor, { activationConstraint: { distance: 6 } }),
    useSensor(TouchSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
  );
  const oven = view.heaters.find((heater) => heater.oven !== null) ?? null;
  const waiting = waitingOf([...view.toCoat, ...picks], view, (celsius) =>
    temperatureText(celsius, temperature),
  );
  const rackAll = useRackAll(oven, (ids) => {
    setPicks([]);
    setChosen(ids[0] ?? null);
  });
  const open = view.racks.filter(({ state }) => state === 'hanging' || state === 'curing');
  const rack =
    view.racks.find(({ id }) => id === chosen) ??
    open.find(({ state }) => state === 'curing') ??
    open[0] ??
    null;

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
      void message.error(
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
    if (target) await carryOut(workshop.racks.rehang([{ id: target.id, hung }]));
    else setChosen((await beginRack(hung)) ?? null);
    if (from.ticketId === null) {
      setPicks(
        picks.flatMap((pick) =>
          pick.headBinId === from.headBinId && pick.coatId === from.coatId
            ? pick.count > 1
              ? [{ ...pick, count: pick.count - 1 }]
              : []
            : [pick],
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
    void carryOut(
      workshop.racks.rehang([
        { id: target.id, hung: target.hung.map((head, at) => (at === index ? { ...head, ...place } : head)) },
      ]),
    );
  const takeDown = (target: Rack, index: number) =>
    void carryOut(
      workshop.racks.rehang([{ id: target.id, hung: target.hung.filter((_, at) => at !== index) }]),
    );
  const drop = ({ active, over }: DragEndEvent) => {
    if (!over) return;
    const place = over.data.current as Place | undefined;
    const from = active.data.current as { waiting?: Waiting; index?: number } | undefined;
    if (from?.waiting && place) {
      const slotsEach = slotsOf(from.waiting.bin, ovenFacts, view);
      if (rack && !isFree(rack.hung, ovenFacts, place, slotsEach)) {
        void message.info('Something hangs there, or it would stick out. Let it go over a free slot.', 4);
        return;
      }
      void hang(from.waiting, place);
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
          <Button
            type="primary"
            disabled={cureable.length === 0 || rackAll.isPlanning}
            loading={rackAll.isPlanning}
            onClick={() => void rackAll.plan(cureable)}
          >
            {cureable.length > 0
              ? `Rack all ${cureable.reduce((so, { count }) => so + count, 0)} in the fewest loads`
              : 'Nothing waits for the rack'}
          </Button>
        }
      />
      {rackAll.said ? (
        <p role="status" className={styles.said}>
          {rackAll.said}
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
          <EveningStrip chosen={rack?.id ?? null} waiting={waiting} onChoose={setChosen} />
        </div>
        <div className={styles.right}>
          {rack?.state === 'curing' ? (
            <CuringPanel key={rack.id} rack={rack} oven={oven} onOut={() => setChosen(rack.id)} />
          ) : null}
          {rack?.state === 'out' ? <AfterCure key={rack.id} rack={rack} /> : null}
          {isHanging ? <HangingPanel key={rack.id} rack={rack} oven={oven} /> : null}
          <WaitingList
            waiting={waiting}
            onHang={(from) => void hang(from, null)}
            onPaint={(from) =>
              void carryOut(
                workshop.racks.paint(
                  {
                    headBinId: from.headBinId,
                    coatId: from.coatId,
                    ticketId: from.ticketId,
                    lineId: from.lineId,
                  },
                  from.count,
                ),
              ).then((done) => done && setPicks(picks.filter((pick) => pick.coatId !== from.coatId)))
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
