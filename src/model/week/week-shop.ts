import dayjs from 'dayjs';
import type { Shop, ShopTask } from '@/core/schedule/shop';
import type { Ticket } from '@/records/ticket';
import type { Week } from '@/records/week';
import { dueOn } from '../tickets/due-on';
import { LOOK_AHEAD_DAYS, type BenchWindow } from './bench-windows';
import type { WeekTask } from './week-task';

const MINUTE_MS = 60_000;
const DAY_MINUTES = 1440;
/** Held to this, a task is only planned before what is held to nothing. */
const END_MIN = LOOK_AHEAD_DAYS * DAY_MINUTES;

/**
 * When a ticket is due, minutes from now: by the end of its day. One without a day is due when nobody looks ahead any more.
 *
 * @example dueMinOf(ticket, now) // 2190
 */
export function dueMinOf(ticket: Pick<Ticket, 'lines' | 'wares'>, now: number): number {
  const day = dueOn(ticket);
  return day === null ? LOOK_AHEAD_DAYS * DAY_MINUTES : (dayjs(day).endOf('day').valueOf() - now) / MINUTE_MS;
}

/**
 * A week of tasks as a shop to plan: the maker's windows, the places, the tickets as orders; what was put on a day by hand is
 * held to that day's times, where it has some. One ticket may go before all others.
 *
 * @example weekShop(tasks, tickets, windows, week, now).places // [{ id: 'pot', count: 1 }, ...]
 */
export function weekShop(
  tasks: readonly WeekTask[],
  tickets: readonly Ticket[],
  windows: readonly BenchWindow[],
  week: Week,
  now: number,
  firstId: string | null = null,
): Shop {
  const dayOf = new Map(week.pins.map(({ task, day }) => [task, day]));
  return {
    pairs: week.hands,
    places: [
      { id: 'pot', count: week.pots },
      { id: 'oven', count: week.ovens },
      { id: 'vise', count: week.vises },
    ],
    windows: windows.map(({ fromMin, toMin }) => ({ fromMin, toMin })),
    orders: tickets.map((ticket) => ({ id: ticket.id, dueMin: dueMinOf(ticket, now) })),
    tasks: tasks.map(({ id, minutes, hands, place, after, ticketIds }): ShopTask => {
      const times = windows.filter(({ day }) => day === dayOf.get(id));
      const [first] = times;
      return {
        id,
        minutes,
        hands,
        after,
        ...(place ? { place } : {}),
        ...(ticketIds.length === 1 && ticketIds[0] ? { order: ticketIds[0] } : {}),
        ...(firstId !== null && ticketIds.includes(firstId) ? { untilMin: END_MIN } : {}),
        ...(hands && first
          ? { fromMin: first.fromMin, untilMin: Math.max(...times.map(({ toMin }) => toMin)) }
          : {}),
      };
    }),
  };
}
