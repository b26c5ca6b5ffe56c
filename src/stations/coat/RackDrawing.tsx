'use client';

import { useDraggable, useDroppable } from '@dnd-kit/core';
import type { KeyboardEvent } from 'react';
import type { Place } from '@/core/coats/rack/find-slot';
import type { OvenFacts } from '@/records/heater';
import type { Hung, Rack } from '@/records/rack';
import { CoatedHead } from '@/ui/head-drawing/CoatedHead';
import { lengthText } from '@/text/words';
import { lookOf } from '@/station-kit/looks/coat-look';
import { useBench } from '@/station-kit/BenchProvider';
import { useUnits } from '@/ui/units/use-units';
import { viewOf } from '@/station-kit/looks/head-view-of';
import { WIRE_MM } from '@/station-kit/coats/waiting';
import { actOf } from '@/station-kit/key-map';
import { RACK_KEYS } from './keys';
import styles from './rack.module.css';

const SIDE_MM = 7;
const TOP_MM = 6;
/** A drawn head's margin at its hook's end, mm. */
const MARGIN_MM = 1.5;

/** The rods or lines, and how far apart all is. */
type RackRoom = Pick<OvenFacts, 'rods' | 'slots' | 'slotMm' | 'dropMm'>;

interface RackDrawingProps {
  readonly rack: Rack | null;
  readonly oven: RackRoom;
  readonly onMove: (index: number, step: Place) => void;
  readonly onTakeDown: (index: number) => void;
}

const STEPS: Readonly<Record<string, Place>> = {
  ArrowLeft: { rod: 0, slot: -1 },
  ArrowRight: { rod: 0, slot: 1 },
  ArrowUp: { rod: -1, slot: 0 },
  ArrowDown: { rod: 1, slot: 0 },
};

/** The rack to scale with its heads hanging in their slots: dragged, moved with the arrow keys, taken down with Delete. */
export function RackDrawing({ rack, oven, onMove, onTakeDown }: RackDrawingProps) {
  const { view } = useBench();
  const { length } = useUnits();
  const width = oven.slots * oven.slotMm + 2 * SIDE_MM;
  const height = oven.rods * oven.dropMm + TOP_MM;
  const rods = Array.from({ length: oven.rods }, (_, rod) => TOP_MM + rod * oven.dropMm);
  const canMove = rack?.state === 'hanging';
  const keys = (index: number) => (event: KeyboardEvent) => {
    if (!canMove) return;
    const move = (press: string) => {
      const step = STEPS[press];
      if (step) onMove(index, step);
    };
    const act = actOf(RACK_KEYS, { move, down: () => onTakeDown(index) }, event.nativeEvent);
    if (!act) return;
    event.preventDefault();
    act();
  };
  return (
    <figure className={styles.drawing} aria-label={rack ? `Rack ${rack.no}` : 'An empty rack'}>
      <svg viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
        <rect x={1} y={1} width={width - 2} height={height - 2} rx={2} className={styles.oven} />
        {rods.map((y) => (
          <g key={y}>
            <path d={`M2 ${y}H${width - 2}`} className={styles.rod} />
            {Array.from({ length: oven.slots + 1 }, (_, slot) => (
              <path key={slot} d={`M${SIDE_MM + slot * oven.slotMm} ${y}v2`} className={styles.notch} />
            ))}
          </g>
        ))}
        {rack?.hung.map((head, index) => (
          <HangingHead key={index} head={head} oven={oven} rodY={rods[head.rod] ?? TOP_MM} />
        ))}
        <path d={`M${width - SIDE_MM - 50} ${height - 3}h50m-50 -1.5v3m50 -3v3`} className={styles.scale} />
        <text x={width - SIDE_MM - 25} y={height - 5} textAnchor="middle" className={styles.scaleWord}>
          {lengthText(50, length)}
        </text>
      </svg>
      {rods.flatMap((y, rod) =>
        Array.from({ length: oven.slots }, (_, slot) => (
          <Slot
            key={`${rod} ${slot}`}
            place={{ rod, slot }}
            style={{
              left: `${((SIDE_MM + slot * oven.slotMm) / width) * 100}%`,
              top: `${(y / height) * 100}%`,
              width: `${(oven.slotMm / width) * 100}%`,
              height: `${(oven.dropMm / height) * 100}%`,
            }}
          />
        )),
      )}
      {rack?.hung.map((head, index) => {
        const bin = view.binById.get(head.headBinId);
        const coat = view.coatById.get(head.coatId);
        return (
          <HeadHandle
            key={index}
            index={index}
            canMove={canMove ?? false}
            name={`${bin?.name ?? 'A head'} in ${coat?.name ?? 'a color'}, rod ${head.rod + 1}, slot ${head.slot + 1}`}
            onKeyDown={keys(index)}
            style={{
              left: `${((SIDE_MM + head.slot * oven.slotMm) / width) * 100}%`,
              top: `${((rods[head.rod] ?? 0) / height) * 100}%`,
              width: `${((head.slotsEach * oven.slotMm) / width) * 100}%`,
              height: `${((oven.dropMm - 4) / height) * 100}%`,
            }}
          />
        );
      })}
      {rack === null || rack.hung.length === 0 ? (
        <figcaption className={styles.hint}>
          Drag heads onto the rods, or let all that waits be racked in the fewest loads.
        </figcaption>
      ) : null}
    </figure>
  );
}

function HangingHead({ head, oven, rodY }: { head: Hung; oven: RackRoom; rodY: number }) {
  const { view } = useBench();
  const bin = view.binById.get(head.headBinId);
  const coat = view.coatById.get(head.coatId);
  const drawn = bin?.kind === 'head' ? viewOf(bin, view) : null;
  if (!drawn) return null;
  const [left, top, width, height] = drawn.viewBox;
  const middle = SIDE_MM + (head.slot + head.slotsEach / 2) * oven.slotMm;
  const wireMm = drawn.hook === null ? WIRE_MM : 0;
  // The hook's bend goes over the rod, the nose hangs down.
  const reach = left + width - MARGIN_MM;
  return (
    <g>
      {wireMm > 0 ? <path d={`M${middle} ${rodY}v${wireMm + 1}`} className={styles.wire} /> : null}
      <g transform={`translate(${middle - (top + height / 2)} ${rodY + wireMm + reach}) rotate(-90)`}>
        <CoatedHead view={drawn} look={coat ? lookOf(coat, view) : null} />
      </g>
    </g>
  );
}

function Slot({ place, style }: { place: Place; style: React.CSSProperties }) {
  const { setNodeRef, isOver } = useDroppable({ id: `slot ${place.rod} ${place.slot}`, data: place });
  return <span ref={setNodeRef} className={styles.slot} data-over={isOver} style={style} />;
}

interface HeadHandleProps {
  readonly index: number;
  readonly name: string;
  readonly canMove: boolean;
  readonly style: React.CSSProperties;
  readonly onKeyDown: (event: KeyboardEvent) => void;
}

function HeadHandle({ index, name, canMove, style, onKeyDown }: HeadHandleProps) {
  const { setNodeRef, listeners, transform, isDragging } = useDraggable({
    id: `hung ${index}`,
    data: { index },
    disabled: !canMove,
  });
  return (
    <button
      ref={setNodeRef}
      type="button"
      title={name}
      aria-label={name}
      className={styles.handle}
      data-dragging={isDragging}
      {...listeners}
      onKeyDown={onKeyDown}
      style={transform ? { ...style, transform: `translate(${transform.x}px, ${transform.y}px)` } : style}
    />
  );
}
