'use client';

import type { DragEndEvent } from '@dnd-kit/core';
import type { WaitingHeads } from '@/core/coats/heads-to-coat';
import { firstFree, isFree, type Place } from '@/core/coats/rack/find-slot';
import { curesOn } from '@/model/coats/cure-choices';
import { schoolOf, powdersOn } from '@/model/coats/rack-facts';
import type { Heater } from '@/records/heater';
import type { Rack } from '@/records/rack';
import { useBench } from '@/station-kit/BenchProvider';
import { inBackground } from '@/station-kit/in-background';
import { usePreferences } from '@/station-kit/preferences-store';
import { useNotice } from '@/station-kit/use-notice';
import { slotsOf, type Waiting } from '@/station-kit/coats/waiting';

interface RackActionsOptions {
  /** The rack in hand; null where none hangs yet. */
  readonly rack: Rack | null;
  /** Where it hangs; null where no oven stands. */
  readonly oven: Heater | null;
  readonly picks: readonly WaitingHeads[];
  readonly onPicks: (picks: readonly WaitingHeads[]) => void;
  readonly onBegun: (rackId: string) => void;
}

/** What is done at the rack: heads are hung, moved, taken down, by a press or a drag. */
export function useRackActions({ rack, oven, picks, onPicks, onBegun }: RackActionsOptions) {
  const { view, workshop, carryOut } = useBench();
  const notice = useNotice();
  const { shedC } = usePreferences();
  const isHanging = rack?.state === 'hanging';
  const ovenFacts = oven?.oven ?? null;

  const hang = async (from: Waiting, place: Place | null) => {
    if (!ovenFacts) return;
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
      onBegun(begun);
    }
    onPicks(
      picks.flatMap((pick) =>
        isSame(from, pick) ? (pick.count > 1 ? [{ ...pick, count: pick.count - 1 }] : []) : [pick],
      ),
    );
  };
  /** A fresh rack begins with a cure that suits what hangs on it, or its card's where none does. */
  const beginRack = async (hung: Rack['hung']) => {
    const [best] = curesOn({ hung }, view);
    if (!best || !oven) return null;
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
    if (!over || !ovenFacts) return;
    const place = over.data.current as Place | undefined;
    const from = active.data.current as { waiting?: Waiting; index?: number } | undefined;
    if (from?.waiting && place) {
      const slotsEach = slotsOf(from.waiting.bin, ovenFacts, view);
      if (!isFree(isHanging ? rack.hung : [], ovenFacts, place, slotsEach)) {
        notice.info('Something hangs there, or it would stick out. Drop it over a free slot.', 4);
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
  return { hang, move, takeDown, drop };
}

/** Whether what waits is what was picked from the shelf. */
export function isSame(waiting: WaitingHeads, pick: WaitingHeads): boolean {
  return (
    waiting.lineId === pick.lineId && waiting.headBinId === pick.headBinId && waiting.coatId === pick.coatId
  );
}
