'use client';

import { stack, wrap } from '@/ui/layout/layout';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { CSS } from '@dnd-kit/utilities';
import type { KeyboardEvent } from 'react';
import type { FilledDrawer } from '@/model/stock/cabinet';
import { contentStyle } from '@/station-kit/looks/content-style';
import { shelfBin } from '@/model/stock/shelf-rows';
import type { Dragged } from './use-cabinet-drag';
import { useBench } from '@/station-kit/BenchProvider';
import styles from './cabinet.module.css';

/** More compartments than this are drawn as many. */
const MOST_DRAWN = 36;

interface CabinetDrawerProps {
  readonly filled: FilledDrawer;
  readonly isOpen: boolean;
  readonly isLaying: boolean;
  /** Of what was searched for, so many lie in it; null where nothing is searched for. */
  readonly hits: number | null;
  readonly onOpen: () => void;
  readonly onKey: (event: KeyboardEvent) => void;
}

/** The front of a drawer: its label, and its bins as compartments, each filled as far as the bin is. */
export function CabinetDrawer({ filled, isOpen, isLaying, hits, onOpen, onKey }: CabinetDrawerProps) {
  const { view } = useBench();
  const { drawer, bins, clashes } = filled;
  const data: Dragged = { is: 'drawer', drawer };
  const drag = useDraggable({ id: `drawer ${drawer.id}`, data, disabled: !isLaying });
  const drop = useDroppable({ id: drawer.id });
  const { column, row, columns, rows } = drawer;
  const isDim = hits === 0;
  const count = hits === null ? String(bins.length) : `${hits} of ${bins.length}`;
  const apart = clashes.length > 0 ? ' keep apart' : '';
  const name = `${drawer.name}, ${count}${apart} ${bins.length === 1 ? 'bin' : 'bins'}`;
  return (
    <button
      type="button"
      ref={(node) => {
        drag.setNodeRef(node);
        drop.setNodeRef(node);
      }}
      {...(isLaying ? drag.listeners : {})}
      className={stack(2, styles.drawer)}
      aria-label={name}
      aria-pressed={isOpen}
      data-kind={drawer.kind}
      data-over={drop.isOver}
      data-laying={isLaying}
      data-dim={isDim}
      style={{
        gridColumn: `${column + 1} / span ${columns}`,
        gridRow: `${row + 1} / span ${rows}`,
        transform: CSS.Translate.toString(drag.transform),
        zIndex: drag.isDragging ? 3 : undefined,
      }}
      onClick={onOpen}
      onKeyDown={onKey}
    >
      <span className={styles.label}>
        <b>{drawer.name}</b>{' '}
        <small>
          {count}
          {apart ? <em>{apart}</em> : null}
        </small>
      </span>
      <span className={wrap(2, styles.compartments)} aria-hidden="true">
        {bins.slice(0, MOST_DRAWN).map((bin) => {
          const { fill, isLow, isShort } = shelfBin(view, bin);
          return (
            <i key={bin.id} data-state={isShort ? 'short' : isLow ? 'low' : 'well'}>
              <i
                style={{
                  height: `${Math.round(Math.max(fill, 0.06) * 100)}%`,
                  ...contentStyle(bin, isShort || isLow),
                }}
              />
            </i>
          );
        })}
      </span>
      <span className={styles.pull} aria-hidden="true" />
    </button>
  );
}
