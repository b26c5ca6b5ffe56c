'use client';

import {
  DndContext,
  pointerWithin,
  useDraggable,
  useDroppable,
  type DragEndEvent,
  type SensorDescriptor,
} from '@dnd-kit/core';
import type { ReactNode } from 'react';
import { spread } from '../layout/layout';
import { useWidth } from '../use-width';
import { useLinks } from './use-links';
import styles from './week-board.module.css';

/** A task as a piece of a lane. */
export interface BoardPiece {
  readonly id: string;
  /** What is done, of what; the second line says whose it is and how long. */
  readonly says: string;
  readonly small: string;
  /** All of it in words, for those who hear it. */
  readonly name: string;
  readonly fromMin: number;
  readonly toMin: number;
  /** Whose it is: its color beside its words; null where several share it. */
  readonly hue: number | null;
  readonly isLate: boolean;
  /** Its minutes are the usual ones, not the maker's own. */
  readonly isGuess: boolean;
  readonly mayMove: boolean;
}

/** A pair of hands, a place, what goes on by itself. */
export interface BoardLane {
  readonly name: string;
  readonly isThin: boolean;
  readonly pieces: readonly BoardPiece[];
}

export interface BoardDay {
  readonly day: string;
  readonly title: string;
  readonly says: string;
  readonly isOff: boolean;
  readonly fromMin: number;
  readonly toMin: number;
  readonly open: readonly { readonly fromMin: number; readonly toMin: number }[];
  readonly lanes: readonly BoardLane[];
  readonly beside: ReactNode;
}

interface WeekBoardProps {
  readonly days: readonly BoardDay[];
  readonly pickedId: string | null;
  readonly onPick: (id: string) => void;
  readonly onMove: (id: string, day: string) => void;
  /** What waits for what, by id. */
  readonly links: readonly (readonly [earlier: string, later: string])[];
  readonly sensors: SensorDescriptor<object>[];
}

/** One color a ticket; more tickets begin again, and the words tell them apart. */
const HUES = ['--ember', '--quench', '--brass', '--alarm', '--cavity-2', '--wood-grain', '--ink'] as const;
const LABEL_PX = 58;
/** A piece is never drawn so narrow that a finger misses it. */
const LEAST_PX = 16;
/** One scale for all days: the longest fills the width. */
const LEAST_SPAN_MIN = 120;

/** A week of days, each with a lane for hands and one for every place that is used, drawn on one scale of time. */
export function WeekBoard({ days, pickedId, onPick, onMove, links, sensors }: WeekBoardProps) {
  const [ref, width] = useWidth<HTMLDivElement>(700);
  const spanMin = Math.max(LEAST_SPAN_MIN, ...days.map(({ fromMin, toMin }) => toMin - fromMin));
  const pxPerMin = Math.max(0.5, (width - LABEL_PX) / spanMin);
  const { path, point } = useLinks(ref, pickedId, links, days);
  const drop = ({ active, over }: DragEndEvent) => {
    if (over) onMove(String(active.id), String(over.id));
  };
  return (
    <DndContext sensors={sensors} collisionDetection={pointerWithin} onDragEnd={drop}>
      <div ref={ref} className={styles.board} {...point}>
        {days.map((day) => (
          <Day key={day.day} day={day} pxPerMin={pxPerMin} pickedId={pickedId} onPick={onPick} />
        ))}
        <svg className={styles.links} aria-hidden="true">
          <path ref={path} />
        </svg>
      </div>
    </DndContext>
  );
}

interface DayProps {
  readonly day: BoardDay;
  readonly pxPerMin: number;
  readonly pickedId: string | null;
  readonly onPick: (id: string) => void;
}

function Day({ day, pxPerMin, pickedId, onPick }: DayProps) {
  const { setNodeRef, isOver } = useDroppable({ id: day.day });
  const at = (minute: number) => (minute - day.fromMin) * pxPerMin;
  const most = at(day.toMin);
  return (
    <section
      ref={setNodeRef}
      className={styles.day}
      aria-label={day.title}
      data-over={isOver}
      data-off={day.isOff}
    >
      <div className={spread(12)}>
        <h3>{day.title}</h3>
        <span className="quiet">{day.says}</span>
        {day.beside}
      </div>
      {day.lanes.map(({ name, isThin, pieces }) => (
        <div key={name} className={styles.lane} data-thin={isThin} data-to-scale>
          <span>{name}</span>
          {day.open.map(({ fromMin, toMin }) => (
            <i key={fromMin} style={{ left: at(fromMin), width: (toMin - fromMin) * pxPerMin }} />
          ))}
          {pieces.map((piece) => {
            const left = at(piece.fromMin);
            const long = Math.max(LEAST_PX, (piece.toMin - piece.fromMin) * pxPerMin - 1);
            return (
              <Piece
                key={piece.id}
                piece={piece}
                left={left}
                width={Math.min(long, Math.max(LEAST_PX, most - left))}
                isThin={isThin}
                isPicked={piece.id === pickedId}
                onPick={onPick}
              />
            );
          })}
        </div>
      ))}
    </section>
  );
}

interface PieceProps {
  readonly piece: BoardPiece;
  readonly left: number;
  readonly width: number;
  readonly isThin: boolean;
  readonly isPicked: boolean;
  readonly onPick: (id: string) => void;
}

function Piece({ piece, left, width, isThin, isPicked, onPick }: PieceProps) {
  const { id, says, small, name, hue, isLate, isGuess, mayMove } = piece;
  const { setNodeRef, listeners, transform } = useDraggable({ id, disabled: !mayMove });
  const own = hue === null ? undefined : HUES[hue % HUES.length];
  return (
    <button
      ref={setNodeRef}
      type="button"
      className={styles.piece}
      aria-label={name}
      aria-pressed={isPicked}
      data-task={id}
      data-picked={isPicked}
      data-late={isLate}
      data-guess={isGuess}
      title={name}
      style={{
        left,
        width,
        ...(own ? { ['--own' as string]: `var(${own})` } : {}),
        ...(transform ? { transform: `translate(${transform.x}px, ${transform.y}px)`, zIndex: 2 } : {}),
      }}
      {...listeners}
      onClick={() => onPick(id)}
    >
      <b>{says}</b> {isThin ? null : <span>{small}</span>}
    </button>
  );
}
