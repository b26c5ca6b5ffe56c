'use client';

import { useEffect, useState } from 'react';
import { benchModel } from '@/model/bench/bench-model';
import type { Ticket } from '@/records/ticket';
import { useUnits } from '@/ui/units/use-units';
import { useBench } from '../BenchProvider';
import { useJob, type Job } from '../use-job';
import { planTickets, type WeekAnswer } from './use-week';

/** What is asked for, written down or not. */
export type Asked = Pick<Ticket, 'title' | 'lines' | 'wares' | 'toleranceShare'> & { readonly id: string };

/** When a ticket could be done. */
export interface TicketPromise {
  readonly ticketId: string;
  /** The other tickets without it; null where nobody asked for it yet. */
  readonly without: WeekAnswer | null;
  /** As it is written; of what is only asked, so that nobody else is later for it. */
  readonly planned: WeekAnswer;
  /** Before all others; null where nobody asked for it yet. */
  readonly ahead: WeekAnswer | null;
}

/** Typing settles before it is planned. */
const SETTLE_MS = 500;
const NEVER_DUE = { dueOn: null };

/** Whether a ticket on the rail asks for the very same. */
const isSame = (written: Ticket | undefined, wish: Asked): boolean =>
  JSON.stringify([written?.lines, written?.wares]) === JSON.stringify([wish.lines, wish.wares]);

/**
 * By when a ticket can be done and, where that is asked for, what bringing it forward costs the others; planned in a
 * worker.
 */
export function usePromise(asked: Asked | null, isForward: boolean): Job<TicketPromise> {
  const { view, workshop } = useBench();
  const { mass } = useUnits();
  const job = useJob<TicketPromise>({ keepsLast: true });
  // Kept from one wish to the next: only what reads the tickets is worked out anew.
  const [modelOf] = useState(benchModel);
  const { start, cancel } = job;
  // What is typed is rebuilt on each stroke; its content decides, not its identity.
  const key = asked && asked.lines.length + asked.wares.length > 0 ? JSON.stringify(asked) : '';
  useEffect(() => {
    if (key === '') {
      cancel();
      return undefined;
    }
    const timer = setTimeout(
      () =>
        start(async ({ say, ...worker }) => {
          const now = workshop.now();
          const wish = JSON.parse(key) as Asked;
          const open = view.tickets.filter(({ state }) => state === 'open');
          const written = open.find(({ id }) => id === wish.id);
          const others = open.filter(({ id }) => id !== wish.id);
          const ticket: Ticket = {
            no: Math.max(0, ...view.tickets.map(({ no }) => no)) + 1,
            buyer: null,
            note: '',
            createdAt: now,
            state: 'open',
            ...written,
            ...wish,
            ...(written
              ? {}
              : {
                  lines: wish.lines.map((line) => ({ ...line, ...NEVER_DUE })),
                  wares: wish.wares.map((ware) => ({ ...ware, ...NEVER_DUE })),
                }),
          };
          const all = [...others, ticket];
          const own = isSame(written, wish) ? view : modelOf({ ...view, tickets: all }, mass);
          const planned = await planTickets(worker, own, all, now, mass);
          const promise = { ticketId: ticket.id, planned, without: null, ahead: null };
          if (!isForward) return promise;
          say(promise);
          return {
            ...promise,
            without: await planTickets(worker, view, others, now, mass),
            ahead: await planTickets(worker, own, all, now, mass, ticket.id),
          };
        }),
      SETTLE_MS,
    );
    return () => clearTimeout(timer);
  }, [key, isForward, view, workshop, mass, modelOf, start, cancel]);
  return job;
}
