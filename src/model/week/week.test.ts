import dayjs from 'dayjs';
import { demoBench } from '@/demo/demo-bench';
import { planPours } from '@/core/pours/plan-pours';
import { planWeek } from '@/core/schedule/plan-week';
import type { BenchContents } from '@/records/bench-file';
import type { Ticket } from '@/records/ticket';
import { USUAL_WEEK, type Week } from '@/records/week';
import { viewOf } from '../../../tests/support/view-of';
import { sessionOf } from '../tickets/session-takes';
import { wantsOf } from '../tickets/wants-of';
import { benchWindows, overlapIn } from './bench-windows';
import type { PlannedMetal } from './pour-tasks';
import { placedTasks, sittingsOf, weekRows } from './week-rows';
import { weekShop } from './week-shop';
import { sittings } from './week-task';
import { unplannedOf, weekTasks } from './week-tasks';

// A Tuesday, at noon.
const NOW = dayjs('2026-12-01T12:00:00').valueOf();

async function weekOn(contents: BenchContents, only?: (ticket: Ticket) => boolean) {
  const view = viewOf(contents);
  const tickets = view.tickets.filter((ticket) => ticket.state === 'open' && (only?.(ticket) ?? true));
  const wants = tickets.flatMap((ticket) => wantsOf(ticket, view.made)).filter(({ left }) => left > 0);
  const poured: PlannedMetal[] = [];
  for (const metal of view.metals) {
    const own = wants.filter(({ metalBinId }) => metalBinId === metal.id);
    const session = sessionOf(view, own, metal);
    if (session.demand.length === 0) continue;
    const plan = await planPours(session.demand, session.molds, {});
    if (plan.ok) poured.push({ metal, session, plan: plan.value });
  }
  const tasks = weekTasks({ view, mass: 'g', mostMin: 120, tickets, poured, now: NOW });
  return { view, tickets, tasks };
}

const demo = (): BenchContents => demoBench(NOW);

describe('the times at the bench', () => {
  it('are the usual evenings from now on, in minutes from now', () => {
    const windows = benchWindows(USUAL_WEEK, NOW, 7);
    expect(windows.map(({ day }) => day)).toEqual(
      ['01', '02', '03', '04', '05', '06', '07'].map((day) => `2026-12-${day}`),
    );
    expect(windows[0]).toEqual({ day: '2026-12-01', fromMin: 450, toMin: 570 });
  });

  it('leave out a day that is struck out, and begin with now where a sitting is on already', () => {
    const week: Week = { ...USUAL_WEEK, exceptions: [{ day: '2026-12-02', times: [] }] };
    expect(benchWindows(week, NOW, 3).map(({ day }) => day)).toEqual(['2026-12-01', '2026-12-03']);
    const late = dayjs('2026-12-01T20:30:00').valueOf();
    expect(benchWindows(week, late, 1)).toEqual([{ day: '2026-12-01', fromMin: 0, toMin: 60 }]);
  });

  it('must not overlap on one day', () => {
    const time = (fromMin: number, toMin: number) => ({ fromMin, toMin });
    expect(overlapIn([time(60, 120), time(120, 180)])).toBe(false);
    expect(overlapIn([time(100, 180), time(60, 120)])).toBe(true);
  });
});

it('parts hand work into sittings that are as equal as can be', () => {
  expect(sittings(40, 3, 120)).toEqual([20, 20]);
  expect(sittings(7, 30, 120)).toEqual([1, 2, 2, 2]);
  expect(sittings(3, 500, 120)).toEqual([1, 1, 1]);
  expect(sittings(0, 3, 120)).toEqual([]);
});

describe('the tasks of a week', () => {
  it('go from the pot to the bag, line by line, after what they wait for', async () => {
    const { tasks, tickets } = await weekOn(demo());
    const ids = new Set(tasks.map(({ id }) => id));
    expect(ids.size).toBe(tasks.length);
    for (const { after } of tasks) for (const { id } of after) expect(ids.has(id)).toBe(true);
    const zander = tickets.find(({ title }) => title === 'Zander league')!;
    const kinds = tasks.filter(({ ticketIds }) => ticketIds.includes(zander.id)).map(({ kind }) => kind);
    expect([...new Set(kinds)]).toEqual(['pour', 'dress', 'coat', 'cure', 'tie', 'bag']);
    // A block in a metal is poured for all tickets that want of it.
    expect(tasks.some(({ kind, ticketIds }) => kind === 'pour' && ticketIds.length > 1)).toBe(true);
    // The pot is never left: it is hand work. A cure goes on by itself.
    expect(tasks.filter(({ kind }) => kind === 'pour').every(({ hands }) => hands)).toBe(true);
    expect(tasks.filter(({ kind }) => kind === 'cure').every(({ hands }) => !hands)).toBe(true);
  });

  it('do not wait for the pot where heads are cast already, nor color what wears its color', async () => {
    const { tasks, tickets } = await weekOn(demo());
    const eggs = tickets.find(({ title }) => title === 'Flounder club, eggs')!;
    const own = tasks.filter(({ ticketIds }) => ticketIds.includes(eggs.id));
    expect(own.some(({ kind }) => kind === 'pour' || kind === 'dress')).toBe(false);
    expect(own.filter(({ kind }) => kind === 'coat').every(({ after }) => after.length === 0)).toBe(true);
    // Half of these bullets are cast: their color does not wait for the others.
    const bullets = tickets.find(({ title }) => title === 'Winter stock, bullets')!;
    const coats = tasks.filter(({ kind, ticketIds }) => kind === 'coat' && ticketIds.includes(bullets.id));
    expect(coats.filter(({ after }) => after.length === 0)).toHaveLength(2);
    expect(coats.filter(({ after }) => after.length > 0)).toHaveLength(2);
  });

  it('leave out what nothing on the bench can cast, and do not bag its ticket', async () => {
    const bench = demo();
    const { tasks, tickets, view } = await weekOn({ ...bench, molds: [] });
    const eggs = tickets.find(({ title }) => title === 'Flounder club, eggs')!;
    const darts = tickets.find(({ title }) => title === 'Canal darts')!;
    const of = (id: string) =>
      tasks.filter(({ ticketIds }) => ticketIds.includes(id)).map(({ kind }) => kind);
    expect(of(darts.id)).toEqual([]);
    // Cast already: it only wants its color.
    expect(of(eggs.id)).toContain('bag');
    const unplanned = unplannedOf(tickets, [], view);
    expect(unplanned.filter(({ ticketId }) => ticketId === darts.id)).toHaveLength(2);
    expect(unplanned.some(({ ticketId }) => ticketId === eggs.id)).toBe(false);
    const asked: Ticket = {
      ...eggs,
      lines: [],
      wares: [{ id: 'w', kind: 'build', family: 'never', says: 'A bait to come', count: 3, dueOn: null }],
    };
    expect(unplannedOf([asked], [], view)).toMatchObject([{ is: 'ware', id: 'w' }]);
  });

  it('know what hangs already: what is in the oven takes what is left of it', async () => {
    const bench = demo();
    const ticket = bench.tickets.find(({ title }) => title === 'Flounder club, eggs')!;
    const [line] = ticket.lines;
    const out = bench.racks.find(({ state }) => state === 'out')!;
    const hung = Array.from({ length: line!.count }, (_, slot) => ({
      ...out.hung[0]!,
      slot: slot % 60,
      ticketId: ticket.id,
      lineId: line!.id,
      coatId: line!.coatId!,
    }));
    const curing = { ...out, id: 'in-the-oven', state: 'curing' as const, hung, outAt: NOW + 12 * 60_000 };
    const { tasks } = await weekOn({ ...bench, racks: [...bench.racks, curing] });
    const rack = tasks.find(({ id }) => id === 'cure:rack:in-the-oven')!;
    expect(rack.minutes).toBeCloseTo(12, 6);
    expect(rack.ticketIds).toEqual([ticket.id]);
    expect(tasks.some(({ id }) => id.startsWith(`coat:${line!.id}`))).toBe(false);
    const bag = tasks.find(({ id }) => id.startsWith(`bag:${ticket.id}`))!;
    expect(bag.after.map(({ id }) => id)).toContain(rack.id);
  });

  it('take what lies finished on the shelf first, and build only the rest', async () => {
    const bench = demo();
    const build = bench.builds.find(({ name }) => name === 'Ebb spinner')!;
    const ticket: Ticket = {
      ...bench.tickets.find(({ state }) => state === 'open')!,
      id: 'of-spinners',
      lines: [],
      wares: [{ id: 'spinners', kind: 'build', family: build.family, count: 30, dueOn: null }],
    };
    const view = viewOf({ ...bench, tickets: [ticket] });
    const finished = view.bins
      .filter((bin) => bin.kind === 'part' && bin.buildId === build.id && bin.condition === 'new')
      .reduce((so, { id }) => so + (view.levels.get(id) ?? 0), 0);
    const { tasks } = await weekOn({ ...bench, tickets: [ticket] });
    const built = tasks
      .filter(({ kind }) => kind === 'build')
      .reduce((so, { what }) => so + Number(/^(\d+) ×/.exec(what)?.[1]), 0);
    expect(built).toBe(30 - finished);
  });

  it('say what they lack, and wait for the parcel where it is on order', async () => {
    const bench = demo();
    const before = await weekOn(bench);
    const short = before.tasks.flatMap(({ lacks }) => lacks)[0]!;
    const order = bench.purchases.find(({ state }) => state === 'ordered')!;
    const comes = {
      ...order,
      id: 'on-its-way',
      dueOn: '2026-12-03',
      lines: [{ ...order.lines[0]!, binId: short.binId, packs: 5, came: 0 }],
    };
    const { tasks } = await weekOn({ ...bench, purchases: [...bench.purchases, comes] });
    const task = tasks.find(({ lacks }) => lacks.some(({ binId }) => binId === short.binId))!;
    expect(task.lacks.find(({ binId }) => binId === short.binId)?.dueOn).toBe('2026-12-03');
    expect(task.after.map(({ id }) => id)).toContain('parcel:2026-12-03');
    // In the afternoon of the third: two days and three hours from noon of the first.
    expect(tasks.find(({ id }) => id === 'parcel:2026-12-03')?.minutes).toBe(2 * 1440 + 180);
    const late = { ...comes, dueOn: '2026-11-20' };
    const told = await weekOn({ ...bench, purchases: [late] });
    expect(told.tasks.flatMap(({ lacks }) => lacks).every(({ dueOn }) => dueOn === null)).toBe(true);
  });
});

describe('the plan of a week', () => {
  it('lies in the times at the bench, and is done anew around a pin', async () => {
    const { tasks, tickets } = await weekOn(demo());
    const windows = benchWindows(USUAL_WEEK, NOW);
    const planOf = (week: Week) => {
      const shop = weekShop(tasks, tickets, windows, week, NOW);
      const planned = planWeek(shop, new Map(tasks.map(({ id, spread }) => [id, spread])));
      if (!planned.ok) throw new Error(planned.problem.code);
      return planned.value;
    };
    const plan = planOf(USUAL_WEEK);
    const placed = placedTasks(tasks, plan);
    expect(placed).toHaveLength(tasks.length);
    for (const { hands, startMin, endMin } of placed) {
      if (!hands) continue;
      expect(windows.some(({ fromMin, toMin }) => startMin >= fromMin - 1e-6 && endMin <= toMin + 1e-6)).toBe(
        true,
      );
    }
    const sitting = sittingsOf(placed, windows)[0]!;
    expect(sitting.window.day).toBe('2026-12-01');
    expect(sitting.tasks.every(({ hands }) => hands)).toBe(true);
    const rows = weekRows(placed, windows, NOW, 0, 70);
    expect(rows.flatMap(({ tasks: own }) => own)).toHaveLength(
      placed.filter(({ kind }) => kind !== 'parcel').length,
    );

    const [first] = sitting.tasks;
    const pinned = planOf({ ...USUAL_WEEK, pins: [{ task: first!.id, day: '2026-12-08' }] });
    const startOf = pinned.plan.starts.find(({ id }) => id === first!.id)!.startMin;
    const day = windows.find(({ fromMin, toMin }) => startOf >= fromMin && startOf < toMin)?.day;
    expect(day).toBe('2026-12-08');
    expect(pinned.keepsHeld).toBe(true);

    // More than an evening holds cannot all be put on it: the week is planned without, and says so.
    const pins = tasks.filter(({ hands }) => hands).map(({ id }) => ({ task: id, day: '2026-12-08' }));
    expect(planOf({ ...USUAL_WEEK, pins }).keepsHeld).toBe(false);
  });
});
