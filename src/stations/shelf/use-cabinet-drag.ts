'use client';

import type { DragEndEvent, DragMoveEvent, DragStartEvent } from '@dnd-kit/core';
import { useRef, useState } from 'react';
import { hasRoom, type Cell } from '@/core/stock/cabinet/lay-cabinet';
import { CABINET_COLUMNS, type Drawer } from '@/records/cabinet';

/** What is dragged: a drawer of the cabinet, or a bin that goes into one. */
export type Dragged =
  | { readonly is: 'drawer'; readonly drawer: Drawer }
  | { readonly is: 'bin'; readonly binId: string };

/** Where a dragged drawer would stand, and whether there is room. */
export interface Ghost extends Cell {
  readonly isFree: boolean;
}

interface CabinetDragging {
  readonly drawers: readonly Drawer[];
  readonly onPlace: (drawer: Drawer, cell: Cell) => void;
  readonly onNoRoom: (drawer: Drawer) => void;
  /** A bin let go over a drawer; null over the tray of what lies loose. */
  readonly onFile: (binId: string, drawerId: string | null) => void;
}

/** The tray of what lies in no drawer, as a place to drop. */
export const LOOSE = 'loose';

/** Dragging in the cabinet: drawers snap to its cells, bins go into the drawer under them. */
export function useCabinetDrag({ drawers, onPlace, onNoRoom, onFile }: CabinetDragging) {
  const grid = useRef<HTMLDivElement>(null);
  const [ghost, setGhost] = useState<Ghost | null>(null);
  const [carriedId, setCarriedId] = useState<string | null>(null);
  const letGo = () => {
    setGhost(null);
    setCarriedId(null);
  };

  const cellUnder = (drawer: Drawer, delta: { x: number; y: number }): Ghost | null => {
    const box = grid.current?.getBoundingClientRect();
    const rowHeight = Number.parseFloat(getComputedStyle(grid.current ?? document.body).gridAutoRows);
    if (!box || !(rowHeight > 0)) return null;
    const cell = {
      columns: drawer.columns,
      rows: drawer.rows,
      column: Math.round(drawer.column + delta.x / (box.width / CABINET_COLUMNS)),
      row: Math.round(drawer.row + delta.y / rowHeight),
    };
    const others = drawers.filter(({ id }) => id !== drawer.id);
    return { ...cell, isFree: hasRoom(others, cell, CABINET_COLUMNS) };
  };
  const onDragStart = ({ active }: DragStartEvent) => {
    const dragged = active.data.current as Dragged | undefined;
    if (dragged?.is === 'bin') setCarriedId(dragged.binId);
  };
  const onDragMove = ({ active, delta }: DragMoveEvent) => {
    const dragged = active.data.current as Dragged | undefined;
    if (dragged?.is === 'drawer') setGhost(cellUnder(dragged.drawer, delta));
  };
  const onDragEnd = ({ active, over, delta }: DragEndEvent) => {
    letGo();
    const dragged = active.data.current as Dragged | undefined;
    if (dragged?.is === 'bin' && over) onFile(dragged.binId, over.id === LOOSE ? null : String(over.id));
    if (dragged?.is !== 'drawer') return;
    const cell = cellUnder(dragged.drawer, delta);
    if (!cell) return;
    const { isFree, ...place } = cell;
    const isMoved = place.column !== dragged.drawer.column || place.row !== dragged.drawer.row;
    if (isMoved && isFree) onPlace(dragged.drawer, place);
    else if (isMoved) onNoRoom(dragged.drawer);
  };
  return { grid, ghost, carriedId, onDragStart, onDragMove, onDragEnd, onDragCancel: letGo };
}
