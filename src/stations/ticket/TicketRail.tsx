'use client';

import { weekdayText } from '@/text/date-text';
import { useEffect, useRef } from 'react';
import type { Ticket } from '@/records/ticket';
import {} from '@/text/words';
import { dueOn } from '@/model/tickets/due-on';
import { useBench } from '@/station-kit/BenchProvider';
import type { BenchView } from '@/model/bench/bench-view';
import styles from './ticket.module.css';

interface TicketRailProps {
  readonly tickets: readonly Ticket[];
  readonly chosen: string | null;
  readonly today: string;
  readonly onChoose: (ticketId: string) => void;
}

/** The tickets, hung on a rail. Paper shows what is left; a stripe says how it stands. */
export function TicketRail({ tickets, chosen, today, onChoose }: TicketRailProps) {
  const { view } = useBench();
  const hung = useRef<HTMLUListElement>(null);
  useEffect(() => {
    hung.current
      ?.querySelector('[aria-pressed="true"]')
      ?.scrollIntoView({ block: 'nearest', inline: 'center' });
  }, [chosen]);
  return (
    <ul ref={hung} className={styles.rail} aria-label="Tickets">
      {tickets.map((ticket) => {
        const { made, count, state } = standing(ticket, view);
        const due = dueOn(ticket);
        const isLate = ticket.state === 'open' && due !== null && due < today && made < count;
        return (
          <li key={ticket.id}>
            <button
              type="button"
              className={styles.card}
              data-state={ticket.state}
              aria-pressed={ticket.id === chosen}
              onClick={() => onChoose(ticket.id)}
            >
              <span className={styles.hole} aria-hidden="true" />
              <span className={styles.cardNo}>No. {ticket.no}</span>
              <strong>{ticket.title}</strong>
              <span className={styles.cardWho}>{ticket.buyer ?? 'for stock'}</span>
              <span className={styles.bar} aria-hidden="true">
                <span style={{ width: `${count > 0 ? Math.min(100, (made / count) * 100) : 0}%` }} />
              </span>
              <span className={styles.cardFoot}>
                <span>
                  {made} of {count}
                </span>
                <span className={isLate ? styles.late : undefined}>
                  {ticket.state === 'open'
                    ? due
                      ? `${isLate ? 'late, ' : ''}${weekdayText(due)}`
                      : state
                    : state}
                </span>
              </span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** How far a ticket is, in pieces and in a word. */
export function standing(ticket: Ticket, view: BenchView): { made: number; count: number; state: string } {
  const asked = [...ticket.lines, ...ticket.wares];
  const count = asked.reduce((total, each) => total + each.count, 0);
  const made = asked.reduce((total, each) => total + Math.min(each.count, view.made.get(each.id) ?? 0), 0);
  if (ticket.state === 'closed') return { made, count, state: 'closed' };
  if (ticket.state === 'set-aside') return { made, count, state: 'set aside' };
  if (view.run?.wants.some((want) => want.ticketId === ticket.id))
    return { made, count, state: 'on the bench' };
  const word = ticket.lines.length > 0 ? 'cast' : 'made';
  if (made >= count) return { made, count, state: ticket.wares.length > 0 ? 'all ready' : 'all cast' };
  return { made, count, state: made > 0 ? `part ${word}` : ticket.lines.length > 0 ? 'to cast' : 'to make' };
}
