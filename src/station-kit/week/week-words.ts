import { dueMinOf } from '@/model/week/week-shop';
import type { PlacedTask } from '@/model/week/week-rows';
import { TASK_WORDS, type WeekTask } from '@/model/week/week-task';
import type { Ticket } from '@/records/ticket';
import { hourText, weekdayText } from '@/text/date-text';
import { minutesText } from '@/text/words';

import type { WeekAnswer } from './use-week';

const MINUTE_MS = 60_000;

/** A moment of a plan, minutes from now. */
export const atText = (now: number, minute: number): string => hourText(now + minute * MINUTE_MS);

/** The day of a moment of a plan. */
export const onText = (now: number, minute: number): string => weekdayText(now + minute * MINUTE_MS);

/** Whose a task is: `14`, `14 + 17`. */
export const whoseText = ({ ticketIds }: Pick<WeekTask, 'ticketIds'>, tickets: readonly Ticket[]): string =>
  tickets
    .filter(({ id }) => ticketIds.includes(id))
    .map(({ no }) => String(no))
    .join(' + ');

/** A task in one line: what, whose, how long. */
export function taskText(task: WeekTask, tickets: readonly Ticket[]): string {
  const whose = whoseText(task, tickets);
  return `${TASK_WORDS[task.kind]}: ${task.what}${whose ? `, ticket ${whose}` : ''}, ${minutesText(task.minutes * 60)}`;
}

/** When a task is to be begun. */
export const beginText = ({ startMin }: PlacedTask, now: number): string =>
  `${onText(now, startMin)} from ${atText(now, startMin)}`;

/** What a plan says of one ticket: when it is done, nine times in ten, and whether that is late. */
export interface TicketOutlook {
  readonly ticket: Ticket;
  readonly day: string;
  readonly band: string;
  readonly lateDays: number;
  readonly lateMin: number;
  readonly finishMin: number;
}

const fromTo = (from: string, to: string) => (from === to ? `on ${from}` : `${from} to ${to}`);

type Outlooked = Pick<WeekAnswer, 'planned' | 'tickets' | 'unplanned' | 'now'>;

/** Every ticket's outlook, first finished first; of one that cannot be planned there is none. */
export function outlooks({ planned, tickets, unplanned, now }: Outlooked): readonly TicketOutlook[] {
  if (!planned) return [];
  const promiseOf = new Map(planned.promises.map((promise) => [promise.id, promise]));
  return planned.plan.orders
    .flatMap(({ id, finishMin }) => {
      const ticket = tickets.find((each) => each.id === id);
      if (!ticket || unplanned.some(({ ticketId }) => ticketId === id)) return [];
      const promise = promiseOf.get(id);
      const day = (minute: number) => (Number.isFinite(minute) ? onText(now, minute) : 'past ten weeks');
      const late = finishMin - dueMinOf(ticket, now);
      return [
        {
          ticket,
          finishMin,
          day: day(finishMin),
          band: promise ? fromTo(day(promise.soonestMin), day(promise.latestMin)) : '',
          lateDays: late > 0 ? Math.ceil(late / 1440) : 0,
          lateMin: Math.max(0, late),
        },
      ];
    })
    .sort((a, b) => a.finishMin - b.finishMin);
}
