'use client';

import { Nothing } from '@/ui/frame/Nothing';
import { row } from '@/ui/layout/layout';
import { useNotice } from '@/station-kit/use-notice';
import { DndContext, DragOverlay, pointerWithin } from '@dnd-kit/core';
import { Button } from 'antd';
import { useMemo, useState, type KeyboardEvent } from 'react';
import { firstRoom, sizeTo, stepTo, type Cell, type Direction } from '@/core/stock/cabinet/lay-cabinet';
import { CABINET_COLUMNS, DRAWER_MOST_ROWS, type Drawer } from '@/records/cabinet';
import { useBench } from '@/station-kit/BenchProvider';
import { useDragSensors } from '@/station-kit/use-drag-sensors';
import { CabinetDrawer } from './CabinetDrawer';
import { cabinetOf } from '@/model/stock/cabinet';
import { DrawerForm } from '@/ui/shelf-parts/DrawerForm';
import { DrawerInside } from './DrawerInside';
import { useCabinetDrag } from './use-cabinet-drag';
import styles from './cabinet.module.css';
import { inBackground } from '@/station-kit/in-background';

const ARROWS: Readonly<Record<string, Direction>> = {
  ArrowLeft: 'left',
  ArrowRight: 'right',
  ArrowUp: 'up',
  ArrowDown: 'down',
};

interface CabinetPartProps {
  /** The bins that the search found; null where nothing is searched for. */
  readonly found: ReadonlySet<string> | null;
  /** The drawer that stands open; null where none does. */
  readonly openId: string | null;
  readonly onOpen: (drawerId: string | null) => void;
  readonly onChoose: (binId: string) => void;
}

/** The maker's own cabinet: drawers where they stand, what lies in each, laid out by dragging or with the arrow keys. */
export function CabinetPart({ found, openId, onOpen, onChoose }: CabinetPartProps) {
  const { view, workshop } = useBench();
  const notice = useNotice();
  const sensors = useDragSensors();
  const [isLaying, setLaying] = useState(false);
  const { drawers, loose } = useMemo(
    () => cabinetOf({ drawers: view.drawers, bins: view.bins }),
    [view.drawers, view.bins],
  );
  const laid = drawers.map(({ drawer }) => drawer);
  const open = drawers.find(({ drawer }) => drawer.id === openId) ?? null;
  const inside = open?.bins ?? loose;
  const shown = found ? inside.filter(({ id }) => found.has(id)) : inside;
  const place = (drawer: Drawer, { column, row, columns, rows }: Cell) =>
    inBackground(workshop.cabinet.save({ ...drawer, column, row, columns, rows }));
  const sayNoRoom = ({ name }: Drawer) =>
    notice.warning(`No room for ${name} there: another drawer stands in its way, or the side does.`);
  const file = (binIds: readonly string[], drawerId: string | null) =>
    inBackground(workshop.cabinet.file(binIds, drawerId));
  const { grid, ghost, carriedId, ...handlers } = useCabinetDrag({
    drawers: laid,
    onPlace: place,
    onNoRoom: sayNoRoom,
    onFile: (id, drawerId) => file([id], drawerId),
  });
  const carried = view.binById.get(carriedId ?? '');
  const addDrawer = async () => {
    const cell = firstRoom(laid, { columns: 3, rows: 1 }, CABINET_COLUMNS);
    const id = await workshop.cabinet.save({
      name: `Drawer ${laid.length + 1}`,
      kind: 'drawer',
      ...cell,
      note: '',
    });
    onOpen(id);
    setLaying(true);
  };
  const byKey = (drawer: Drawer) => (event: KeyboardEvent) => {
    const direction = ARROWS[event.key];
    if (!isLaying || !direction) return;
    event.preventDefault();
    const others = laid.filter(({ id }) => id !== drawer.id);
    const next = event.shiftKey
      ? sizeTo(others, drawer, direction, { width: CABINET_COLUMNS, mostRows: DRAWER_MOST_ROWS })
      : stepTo(others, drawer, direction, CABINET_COLUMNS);
    if (next) place(drawer, next);
    else sayNoRoom(drawer);
  };

  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} {...handlers}>
      <div className={row(0, styles.bar)}>
        <Button aria-pressed={isLaying} onClick={() => setLaying(!isLaying)} disabled={laid.length === 0}>
          {isLaying ? 'Done laying out' : 'Lay out'}
        </Button>
        <Button onClick={() => inBackground(addDrawer())}>New drawer</Button>
        <span className="quiet">
          {isLaying
            ? 'Drag a drawer to its place. Arrow keys move the one in hand, with Shift they size it.'
            : laid.length === 0
              ? ''
              : 'Open a drawer; drag what lies in it onto another.'}
        </span>
      </div>
      {laid.length === 0 ? (
        <Nothing
          says="No cabinet yet. Put in a drawer for each one you have, and drag your bins into them."
          mend="New drawer"
          onMend={() => inBackground(addDrawer())}
        />
      ) : (
        <div className={styles.carcass}>
          <div ref={grid} className={styles.grid} role="group" aria-label="The cabinet">
            {drawers.map((filled) => (
              <CabinetDrawer
                key={filled.drawer.id}
                filled={filled}
                isOpen={filled.drawer.id === openId}
                isLaying={isLaying}
                hits={found ? filled.bins.filter(({ id }) => found.has(id)).length : null}
                onOpen={() => onOpen(filled.drawer.id === openId && !isLaying ? null : filled.drawer.id)}
                onKey={byKey(filled.drawer)}
              />
            ))}
            {ghost && ghost.column >= 0 && ghost.row >= 0 ? (
              <span
                className={styles.ghost}
                data-free={ghost.isFree}
                style={{
                  gridColumn: `${ghost.column + 1} / span ${ghost.columns}`,
                  gridRow: `${ghost.row + 1} / span ${ghost.rows}`,
                }}
              />
            ) : null}
          </div>
        </div>
      )}
      {open && isLaying ? (
        <DrawerForm
          key={open.drawer.id}
          drawer={open.drawer}
          onSave={(drawer) => inBackground(workshop.cabinet.save(drawer))}
          onRemove={() => {
            inBackground(workshop.cabinet.remove(open.drawer.id));
            onOpen(null);
          }}
        />
      ) : null}
      {open || loose.length > 0 ? (
        <DrawerInside drawer={open?.drawer ?? null} bins={shown} onChoose={onChoose} onFile={file} />
      ) : null}
      <DragOverlay dropAnimation={null}>
        {carried ? <span className={styles.carried}>{carried.name}</span> : null}
      </DragOverlay>
    </DndContext>
  );
}
