'use client';

import { apart, column, stack, wrap } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { DndContext, type DragEndEvent, DragOverlay, type DragStartEvent } from '@dnd-kit/core';
import { Button, Dropdown } from 'antd';
import { useMemo, useRef, useState } from 'react';
import { frameSizes } from '@/core/builds/build';
import { judgeBuild } from '@/core/builds/judge-build';
import { BAIT_KINDS, findKind } from '@/core/builds/kinds';
import type { BaitKindId } from '@/core/builds/kinds/definition';
import type { BaitLook, BaitPose } from '@/ui/bait-drawing/bait-look';
import { reachBehind } from '@/ui/bait-drawing/box-of';
import { EmptyStation } from '@/station-kit/empty/EmptyStation';
import { TypicalBait } from '@/station-kit/empty/TypicalBait';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '@/station-kit/BenchProvider';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { ArmList } from '@/ui/bait-drawing/ArmList';
import { BaitFields } from './BaitFields';
import { BaitStage, stageBox } from '@/ui/bait-drawing/BaitStage';
import { moveOn, putOn, swapAt, takeOff, wearing } from '@/model/baits/put-on';
import { newBuild, type BuildDraft } from '@/model/baits/build-draft';
import { dropIndex } from '@/core/builds/drop-index';
import { asRecord } from './as-record';
import type { BaitPart } from '@/model/baits/measured-parts';
import { buildOf, runOf, weightLines } from '@/model/baits/bait-facts';
import { lookOfBuild, partHex } from '@/station-kit/looks/look-of-build';
import { Findings } from './Findings';
import { KeepBar } from './KeepBar';
import { PartOutline } from '@/ui/bait-drawing/PartOutline';
import { useTypicalParts } from './use-typical-parts';
import { inBackground } from '@/station-kit/in-background';
import { TemplatePanel } from './TemplatePanel';
import { Tray, type Dragged } from './Tray';
import type { BaitDraftInHand } from './use-build';
import { PoseButton } from '@/station-kit/poses/PoseButton';
import { TrailerNote } from '@/ui/bait-drawing/TrailerNote';
import { WeightPanel } from './WeightPanel';
import styles from './build.module.css';
import { versionText } from '@/model/versions/version-text';
import { useKeyMap } from '@/station-kit/key-map';
import { BAIT_KEYS } from './keys';

/** How long the bait is behind its nose, and where its bend lies in that. */
function reachOf(look: BaitLook) {
  const hook = look.jig?.head.hook ?? null;
  return { wholeMm: reachBehind(look), bendMm: hook ? hook.x + hook.reachMm : null };
}

interface BaitPartProps {
  readonly inHand: BaitDraftInHand;
  readonly onKept: (id: string) => void;
}

/** The bait on the bench: the shelf beside it, drawn to scale, judged, weighed, kept. */
export function BaitPart({ inHand, onKept }: BaitPartProps) {
  const { view } = useBench();
  const { mass } = useUnits();
  const { draft, begin } = inHand;
  const kinds = {
    items: BAIT_KINDS.map(({ id, name }) => ({ key: id, label: name })),
    onClick: ({ key }: { key: string }) => begin(newBuild(key as BaitKindId, view, mass)),
  };
  if (!draft) {
    return (
      <EmptyStation
        of="build"
        drawing={<TypicalBait kind="spinnerbait" />}
        says="No bait is on the bench. Choose what it is to be; then parts from the shelf go on it, are judged and weighed."
        mend={
          <Dropdown menu={kinds} trigger={['click']} autoFocus>
            <Button type="primary">New bait</Button>
          </Dropdown>
        }
        other={<TypicalFirst onBegin={begin} />}
      />
    );
  }
  return <BaitInHand inHand={inHand} draft={draft} onKept={onKept} kinds={kinds} />;
}

/** The bait drawn in gray, of typical parts: one press, and whether it all fits is said. */
function TypicalFirst({ onBegin }: { readonly onBegin: (draft: BuildDraft) => void }) {
  const { view } = useBench();
  const { mass } = useUnits();
  const typical = useTypicalParts(newBuild('spinnerbait', view, mass), onBegin);
  return <Button onClick={() => inBackground(typical())}>This spinnerbait, of typical parts</Button>;
}

interface BaitBenchProps extends BaitPartProps {
  readonly draft: BuildDraft;
  readonly kinds: React.ComponentProps<typeof Dropdown>['menu'];
}

function BaitInHand({ inHand, draft: kept, onKept, kinds }: BaitBenchProps) {
  const { view, workshop } = useBench();
  const notice = useNotice();
  const sensors = useDragSensors();
  const [moving, setMoving] = useState<number | null>(null);
  const [pose, setPose] = useState<BaitPose>('pulled');
  const [chosen, setChosen] = useState<string | null>(null);
  const [dragged, setDragged] = useState<BaitPart | null>(null);
  const stage = useRef<HTMLDivElement>(null);
  const draft = useMemo(() => (moving === null ? kept : { ...kept, armMm: moving }), [kept, moving]);
  const build = useMemo(() => buildOf(draft, view), [draft, view]);
  const look = useMemo(() => lookOfBuild(draft, view), [draft, view]);
  const box = useMemo(
    () => (moving === null ? undefined : stageBox(lookOfBuild(kept, view))),
    [moving, kept, view],
  );
  const { wire, findings } = useMemo(() => judgeBuild(build), [build]);
  const skirt = draft.skirtId === null ? undefined : view.skirtById.get(draft.skirtId);
  const lines = useMemo(() => weightLines(draft, view), [draft, view]);
  const run = useMemo(() => runOf(asRecord(draft), view), [draft, view]);
  const marked = findings.filter(({ weight }) => weight === 'stop').flatMap(({ at }) => at);
  const { change } = inHand;

  const typical = useTypicalParts(kept, change);
  const put = (bin: BaitPart, index: number) => {
    const placed = putOn(kept, bin, index, workshop.newId(), view);
    if (!placed.ok) {
      notice.info(placed.why, 5);
      return;
    }
    change(placed.draft);
    setChosen(placed.at);
  };
  const takeFrom = (at: string) => {
    change(takeOff(kept, at));
    setChosen(null);
  };
  const onDragStart = ({ active }: DragStartEvent) => {
    const what = active.data.current as Dragged | undefined;
    const bin = what && 'binId' in what ? view.binById.get(what.binId) : undefined;
    setDragged(bin?.kind === 'part' ? bin : null);
    setPose('pulled');
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    const bin = dragged;
    const what = active.data.current as Dragged | undefined;
    setDragged(null);
    if (over && what && 'skirtId' in what) change(wearing(kept, what.skirtId));
    const rect = active.rect.current.translated;
    if (!bin || !over || !rect) return;
    const svg = stage.current?.querySelector('[data-bait]');
    const at = svg?.getBoundingClientRect();
    if (!at) return;
    const [x, y, width] = stageBox(look);
    const perPx = width / at.width;
    const [dropX, dropY] = [rect.left + rect.width / 2 - at.left, rect.top + rect.height / 2 - at.top];
    put(bin, dropIndex(look.laid, x + dropX * perPx, y + dropY * perPx));
  };
  useKeyMap(BAIT_KEYS, { takeOff: chosen === null ? null : () => takeFrom(chosen) });
  return (
    <DndContext
      id="bait"
      sensors={sensors}
      onDragStart={onDragStart}
      onDragEnd={onDragEnd}
      onDragCancel={() => setDragged(null)}
    >
      <div className={apart(24, styles.bench)}>
        <div className={column(16)}>
          <Tray
            draft={draft}
            onPut={(bin) => put(bin, kept.arm.length)}
            onSkirt={({ id }) => change(wearing(kept, id))}
          />
          <div className={wrap(8)}>
            {draft.arm.length === 0 && draft.slots.length === 0 ? (
              <Button size="small" type="primary" onClick={() => inBackground(typical())}>
                Lay out typical parts
              </Button>
            ) : null}
            <Button size="small" onClick={inHand.stepBack} disabled={!inHand.canStepBack}>
              Undo change
            </Button>
            <Dropdown menu={kinds} trigger={['click']} autoFocus>
              <Button size="small">New bait</Button>
            </Dropdown>
          </div>
        </div>
        <div className={column(16, styles.middle)} ref={stage}>
          <BaitStage
            look={look}
            name={draft.name.trim() || 'The bait'}
            pose={pose}
            onPose={setPose}
            marked={marked}
            chosen={chosen}
            onChoose={setChosen}
            box={box}
            mostArmMm={frameSizes(build).upperMm}
            freeMm={wire?.freeMm ?? null}
            onArm={(armMm, isDone) => {
              setMoving(isDone ? null : armMm);
              if (isDone) change({ ...kept, armMm: armMm >= frameSizes(build).upperMm ? null : armMm });
            }}
          />
          <div className={apart(24, styles.under)}>
            <div className={column(16)}>
              <Findings
                build={build}
                findings={findings}
                onSwap={(at, bin) => change(swapAt(kept, at, bin))}
                onThread={(behind, bin) => put(bin, kept.arm.findIndex(({ id }) => id === behind) + 1)}
                onTakeOff={takeFrom}
                onChoose={setChosen}
                onPut={(bin) => put(bin, kept.arm.length)}
              />
              <ArmList
                build={build}
                skirt={skirt ? versionText(skirt) : null}
                marked={marked}
                chosen={chosen}
                onChoose={setChosen}
                onMove={(at, by) => change(moveOn(kept, at, by))}
                onTakeOff={takeFrom}
              />
            </div>
            <div className={stack(8)}>
              <WeightPanel style={draft.head?.style ?? null} lines={lines} reach={reachOf(look)} run={run} />
              {draft.kind === 'stinger-grub' ? null : <TrailerNote build={build} />}
              {findKind(draft.kind).arm === null ? <PoseButton record={draft} build={build} /> : null}
            </div>
          </div>
          <BaitFields draft={draft} onChange={change} />
          {draft.kind === 'bladed-jig' ? <TemplatePanel draft={draft} onChange={change} /> : null}
          <KeepBar
            draft={draft}
            stops={findings.filter(({ weight }) => weight === 'stop').length}
            onChange={change}
            onBegin={inHand.begin}
            onKept={onKept}
          />
        </div>
      </div>
      <DragOverlay dropAnimation={null}>
        {dragged?.gauge ? (
          <div className={styles.dragged}>
            <PartOutline gauge={dragged.gauge} hex={partHex(dragged)} pxPerMm={4} />
          </div>
        ) : null}
      </DragOverlay>
    </DndContext>
  );
}
