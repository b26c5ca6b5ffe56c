import dayjs from 'dayjs';
import { allotPromises } from '@/core/stock/allot-promises';
import { wareRecord } from '../bills/promises';
import type { Ticket, TicketLine, TicketWare } from '@/records/ticket';
import type { BenchView } from '../bench/bench-view';
import { inOrderOfDue } from '../tickets/in-order-of-due';
import { handTasks, lineTasks, rackTasks, type TaskFacts } from './line-tasks';
import { pourTasks, type PlannedMetal } from './pour-tasks';
import { wareTasks } from './ware-tasks';
import type { WeekTask, WeekTaskKind } from './week-task';

/** To count, label and bag one piece, min (typical). */
const BAG_MIN = 0.2;
const BAG_SPREAD = 0.35;
/** A parcel comes some time of the day: what waits for it goes on from the afternoon. */
const PARCEL_HOUR = 15;
const MINUTE_MS = 60_000;

export interface WeekQuestion extends TaskFacts {
  readonly tickets: readonly Ticket[];
  /** What is to be poured, metal by metal. */
  readonly poured: readonly PlannedMetal[];
  readonly now: number;
}

/** What a ticket asks of which nobody knows how it is made: heads that no block gives, a thing never put together. */
export type Unplanned = { readonly ticketId: string; readonly id: string } & (
  | { readonly is: 'line'; readonly line: TicketLine }
  | { readonly is: 'ware'; readonly ware: TicketWare }
);

/**
 * What cannot be planned: lines still to be cast that no block gives in their metal, wares of which nothing was kept yet.
 *
 * @example unplannedOf(tickets, [], view)[0]?.is // 'line', on a bench without a block
 */
export function unplannedOf(
  tickets: readonly Ticket[],
  poured: readonly PlannedMetal[],
  view: BenchView,
): Unplanned[] {
  const cast = new Set(poured.flatMap(({ session }) => session.wants.map(({ lineId }) => lineId)));
  return tickets.flatMap((ticket): Unplanned[] => [
    ...ticket.lines.flatMap((line): Unplanned[] =>
      line.metalBinId !== null && line.count > (view.made.get(line.id) ?? 0) && !cast.has(line.id)
        ? [{ ticketId: ticket.id, id: line.id, is: 'line', line }]
        : [],
    ),
    ...ticket.wares.flatMap((ware): Unplanned[] =>
      ware.count > (view.made.get(ware.id) ?? 0) && wareRecord(ware, view) === null
        ? [{ ticketId: ticket.id, id: ware.id, is: 'ware', ware }]
        : [],
    ),
  ]);
}

/**
 * Everything that open tickets still ask of the bench, as tasks that wait for one another: pours that tickets share, then
 * each line and ware on its own way, then the bag. What is short is said on the task that wants it; where it is on order, the
 * task waits for the parcel. What cannot be planned is left out, and its ticket is not bagged.
 *
 * @example weekTasks(question).filter(({ kind }) => kind === 'pour').length // 2: two metals
 */
export function weekTasks({ tickets, poured, now, ...facts }: WeekQuestion): WeekTask[] {
  const { view, mostMin } = facts;
  const pours = poured.flatMap((metal) => pourTasks(metal, view, mostMin));
  const racks = rackTasks(view, now);
  const unplanned = unplannedOf(tickets, poured, view);
  const free = new Map<string, number>();
  const ways = inOrderOfDue([...tickets]).flatMap((ticket) => {
    const own = [
      ...ticket.lines
        .filter(({ id }) => !unplanned.some((each) => each.id === id))
        .flatMap((line) =>
          lineTasks(
            line,
            ticket.id,
            pours.filter(({ lineIds }) => lineIds.has(line.id)),
            racks.filter(({ lineIds }) => lineIds.has(line.id)),
            facts,
          ),
        ),
      ...ticket.wares.flatMap((ware) => wareTasks(ware, ticket.id, free, facts)),
    ];
    if (unplanned.some(({ ticketId }) => ticketId === ticket.id)) return own;
    return [
      ...own,
      ...bagTask(
        ticket,
        own,
        [...pours, ...racks].filter(({ ticketIds }) => ticketIds.includes(ticket.id)),
        mostMin,
      ),
    ];
  });
  const tasks: WeekTask[] = [...pours, ...racks, ...ways];
  return withShort(tasks, view, now);
}

/** Bagged when all else of the ticket is done. */
function bagTask(
  ticket: Ticket,
  own: readonly WeekTask[],
  shared: readonly WeekTask[],
  mostMin: number,
): WeekTask[] {
  const pieces = [...ticket.lines, ...ticket.wares].reduce((so, { count }) => so + count, 0);
  const all = handTasks(
    {
      id: `bag:${ticket.id}`,
      kind: 'bag',
      place: null,
      ticketIds: [ticket.id],
      href: '/ticket',
      // What something else of the ticket waits for is over before that.
      after: [...own, ...shared]
        .filter(({ id }) => !own.some(({ after }) => after.some((before) => before.id === id)))
        .map(({ id }) => ({ id, waitMin: 0 })),
    },
    pieces,
    ticket.title,
    { minutesEach: BAG_MIN, isOwn: false, spread: BAG_SPREAD, scrap: 0 },
    mostMin,
  );
  return all.map((task) => ({ ...task, what: ticket.title }));
}

/** By what of a bench an item is wanted: the first of these that a ticket has. */
function wantedBy(kind: string | undefined): readonly WeekTaskKind[] {
  if (kind === 'metal' || kind === 'hook') return ['pour', 'tie', 'build', 'rig'];
  if (kind === 'powder') return ['coat'];
  return ['tie', 'build', 'rig', 'bag'];
}

/** Each task with what it lacks, and the parcels that are waited for. */
function withShort(tasks: readonly WeekTask[], view: BenchView, now: number): WeekTask[] {
  const lacks = new Map<string, WeekTask['lacks'][number][]>();
  for (const { forWhom, item, short } of allotPromises(view.promises, view.levels)) {
    const kinds = wantedBy(view.binById.get(item)?.kind);
    const own = tasks.filter(({ ticketIds, hands }) => hands && ticketIds.includes(forWhom));
    const kind = kinds.find((each) => own.some((task) => task.kind === each));
    for (const task of own.filter((each) => each.kind === kind)) {
      const lack = { binId: item, qty: short, dueOn: comesOn(item, view, now) };
      lacks.set(task.id, [...(lacks.get(task.id) ?? []), lack]);
    }
  }
  const parcels = new Map<string, WeekTask>();
  const held = tasks.map((task) => {
    const own = lacks.get(task.id) ?? [];
    const days = own.flatMap(({ dueOn }) => dueOn ?? []);
    for (const day of days) parcels.set(day, parcelOn(day, now));
    const waits = [...new Set(days)].map((day) => ({ id: `parcel:${day}`, waitMin: 0 }));
    return { ...task, lacks: own, after: [...task.after, ...waits] };
  });
  return [...parcels.values(), ...held];
}

/** The day by which what is on order of a bin is to be here; null where none is, or it is late and nobody knows. */
function comesOn(binId: string, { purchases }: BenchView, now: number): string | null {
  const today = dayjs(now).format('YYYY-MM-DD');
  const days = purchases
    .filter(
      ({ state, lines }) =>
        state === 'ordered' && lines.some((line) => line.binId === binId && line.came < line.packs),
    )
    .flatMap(({ dueOn }) => (dueOn !== null && dueOn >= today ? [dueOn] : []))
    .sort();
  return days[0] ?? null;
}

function parcelOn(day: string, now: number): WeekTask {
  const minutes = Math.max(1, (dayjs(day).hour(PARCEL_HOUR).valueOf() - now) / MINUTE_MS);
  return {
    id: `parcel:${day}`,
    kind: 'parcel',
    what: 'what is on order',
    minutes,
    hands: false,
    place: null,
    after: [],
    ticketIds: [],
    spread: 0,
    isOwn: false,
    href: '/shelf?part=orders',
    metalId: null,
    lacks: [],
  };
}
