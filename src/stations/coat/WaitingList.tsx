'use client';

import { stack } from '@/ui/layout/layout';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Button } from 'antd';
import { CoatSwatch } from '@/station-kit/looks/CoatSwatch';
import { lookOf } from '@/station-kit/looks/coat-look';
import { useBench } from '@/station-kit/BenchProvider';
import type { Waiting } from '@/station-kit/coats/waiting';
import styles from './rack.module.css';

interface WaitingListProps {
  readonly waiting: readonly Waiting[];
  readonly onHang: (waiting: Waiting) => void;
  readonly onPaint: (waiting: Waiting) => void;
  readonly onPick: () => void;
}

/** Heads that wait for a color: dragged onto the rack one by one, or hung with a press. */
export function WaitingList({ waiting, onHang, onPaint, onPick }: WaitingListProps) {
  const { setNodeRef, isOver } = useDroppable({ id: 'waiting' });
  return (
    <section
      ref={setNodeRef}
      className={stack(6, styles.waiting)}
      data-over={isOver}
      aria-label="Waiting for a color"
    >
      <header>
        <h3>Waiting</h3>
        <Button size="small" onClick={onPick}>
          + from the shelf
        </Button>
      </header>
      {waiting.length === 0 ? (
        <p className="quiet">
          No cast heads wait. A ticket line with a color comes here once it is cast; others come from the
          shelf.
        </p>
      ) : (
        <ul>
          {waiting.map((each) => (
            <WaitingRow key={each.key} waiting={each} onHang={onHang} onPaint={onPaint} />
          ))}
        </ul>
      )}
    </section>
  );
}

function WaitingRow({
  waiting,
  onHang,
  onPaint,
}: {
  readonly waiting: Waiting;
  readonly onHang: (waiting: Waiting) => void;
  readonly onPaint: (waiting: Waiting) => void;
}) {
  const { view } = useBench();
  const { key, bin, coat, count, refusals, isAirDried } = waiting;
  const canHang = refusals.length === 0 && !isAirDried;
  const { setNodeRef, listeners, transform } = useDraggable({
    id: `waiting ${key}`,
    data: { waiting },
    disabled: !canHang,
  });
  const ticket = view.tickets.find(({ id }) => id === waiting.ticketId);
  return (
    <li>
      <span
        ref={setNodeRef}
        {...listeners}
        className={styles.grip}
        data-fixed={!canHang}
        style={transform ? { transform: `translate(${transform.x}px, ${transform.y}px)` } : undefined}
      >
        <CoatSwatch name="" head={bin} look={lookOf(coat, view)} view={view} pxPerMm={1.7} maxWidthPx={66} />
      </span>
      <span className={styles.what}>
        <strong>
          {count} {coat.name}
        </strong>
        <small>
          {bin.name}
          {ticket ? `, ticket ${ticket.no}` : ', for stock'}
        </small>
        {refusals.map((why) => (
          <small key={why} role="alert" className={styles.refusal}>
            {why}
          </small>
        ))}
      </span>
      {isAirDried ? (
        <Button size="small" onClick={() => onPaint(waiting)}>
          Painted
        </Button>
      ) : canHang ? (
        <Button
          size="small"
          aria-label={`Hang one ${coat.name}, ${bin.name}`}
          onClick={() => onHang(waiting)}
        >
          Hang one
        </Button>
      ) : null}
    </li>
  );
}
