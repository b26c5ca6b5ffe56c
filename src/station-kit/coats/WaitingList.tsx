'use client';

import { stack } from '@/ui/layout/layout';
import { useDraggable, useDroppable } from '@dnd-kit/core';
import { Button } from 'antd';
import { useBench } from '../BenchProvider';
import { CoatSwatch } from '../looks/CoatSwatch';
import { lookOf } from '../looks/coat-look';
import type { Waiting } from './waiting';
import styles from './waiting.module.css';

interface WaitingListProps {
  readonly waiting: readonly Waiting[];
  /** There is a rack to hang them on, for an oven. */
  readonly hasRack: boolean;
  readonly onHang: (waiting: Waiting) => void;
  readonly onDip: (waiting: Waiting) => void;
  readonly onPick: () => void;
}

/** Heads that wait for a color: dragged onto the rack one by one, or hung with a press. */
export function WaitingList({ waiting, hasRack, onHang, onDip, onPick }: WaitingListProps) {
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
            <WaitingRow key={each.key} waiting={each} hasRack={hasRack} onHang={onHang} onDip={onDip} />
          ))}
        </ul>
      )}
    </section>
  );
}

function WaitingRow({
  waiting,
  hasRack,
  onHang,
  onDip,
}: Omit<WaitingListProps, 'waiting' | 'onPick'> & { readonly waiting: Waiting }) {
  const { view } = useBench();
  const { key, bin, coat, count, refusals, dipRefusals, isAirDried } = waiting;
  const canHang = hasRack && refusals.length === 0 && !isAirDried;
  const canDip = dipRefusals.length === 0;
  // What only an oven would ruin stops nobody who has none.
  const stops = hasRack && refusals.length > 0 ? refusals : dipRefusals;
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
        {stops.map((why) => (
          <small key={why} role="alert" className={styles.refusal}>
            {why}
          </small>
        ))}
      </span>
      <span className={stack(2)}>
        {canHang ? (
          <Button
            size="small"
            aria-label={`Hang one ${coat.name}, ${bin.name}`}
            onClick={() => onHang(waiting)}
          >
            Hang one
          </Button>
        ) : null}
        {canDip ? (
          <Button
            size="small"
            type={canHang ? 'text' : 'default'}
            aria-label={`${isAirDried ? 'Paint' : 'Dip'} and hang ${coat.name}, ${bin.name}`}
            onClick={() => onDip(waiting)}
          >
            {isAirDried ? 'Paint and hang' : 'Dip and hang'}
          </Button>
        ) : null}
      </span>
    </li>
  );
}
