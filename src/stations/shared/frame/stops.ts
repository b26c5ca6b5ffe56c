import { headsToDress } from '@/core/dress/heads-to-dress';
import { countRun } from '@/core/pours/count-run';
import type { Stop } from '@/ui/frame/Line';
import type { MassUnit } from '@/core/units/write-mass';
import type { BenchView } from '../bench-view';
import { massText } from '../words';

/** One at a time the card says how many are through; by station they are all through at once. */
function builtOf({
  way,
  card,
  isThrough,
  count,
}: Pick<NonNullable<BenchView['building']>, 'way' | 'card' | 'isThrough' | 'count'>): number {
  if (isThrough) return count;
  return way === 'one-by-one' ? card.bait : 0;
}

function costWaits({ outlays, bench }: Pick<BenchView, 'outlays' | 'bench'>): string {
  const laidOut = outlays.reduce((so, { cost, retired }) => (retired ? so : so + cost), 0);
  return laidOut > 0 ? `${bench.money.sign} ${Math.round(laidOut)} laid out` : 'nothing laid out';
}

function waterWaits({ waterNotes }: Pick<BenchView, 'waterNotes'>): string {
  return waterNotes.length === 1 ? '1 note' : `${waterNotes.length} notes`;
}

/** The line's stops with what waits at each. Only stations that work stand on it. */
export function stopsOf(view: BenchView, massUnit: MassUnit, now: number): Stop[] {
  const metalG = view.metals.reduce((total, { id }) => total + (view.levels.get(id) ?? 0), 0);
  const open = view.tickets.filter((ticket) => ticket.state === 'open').length;
  const toPour = view.wants.reduce((total, want) => total + want.left, 0);
  const low = view.bins.filter(
    (bin) => bin.lowAt !== null && (view.levels.get(bin.id) ?? 0) <= bin.lowAt,
  ).length;
  const ahead = view.run ? countRun(view.run, view.pours).ahead : null;
  const waiting = headsToDress(view.runs, view.madeEntries, view.levels, view.batches, now);
  const onBench = view.batches.filter(({ endedAt }) => endedAt === null);
  const toDress = [...waiting, ...onBench].reduce((total, { count }) => total + count, 0);
  const toCoat = view.toCoat.reduce((total, { count }) => total + count, 0);
  const hung = view.racks
    .filter(({ state }) => state === 'hanging')
    .reduce((total, rack) => total + rack.hung.length, 0);
  const toTie = view.toTie.reduce((total, { count }) => total + count, 0);
  const inOven = view.racks.some(({ state }) => state === 'curing');
  return [
    { key: 'ticket', name: 'Ticket', href: '/ticket', waits: `${open} open`, tone: 'calm' },
    { key: 'metal', name: 'Metal', href: '/metal', waits: massText(metalG, massUnit), tone: 'calm' },
    { key: 'molds', name: 'Molds', href: '/molds', waits: `${view.molds.length} blocks`, tone: 'calm' },
    {
      key: 'pour',
      name: 'Pour',
      href: '/pour',
      waits: ahead === null ? `${toPour} to pour` : `run on, ${ahead} left`,
      tone: toPour > 0 || ahead !== null ? 'act' : 'calm',
    },
    {
      key: 'dress',
      name: 'Dress',
      href: '/dress',
      waits: toDress > 0 ? `${toDress} to dress` : 'all dressed',
      tone: onBench.some(({ inHand }) => inHand !== null) ? 'act' : 'calm',
    },
    {
      key: 'coat',
      name: 'Coat',
      href: '/coat',
      waits: inOven ? 'rack in the oven' : toCoat + hung > 0 ? `${toCoat + hung} to coat` : 'all coated',
      tone: inOven ? 'act' : 'calm',
    },
    {
      key: 'skirt',
      name: 'Skirt',
      href: '/skirt',
      waits: view.tying
        ? `tying, ${view.tying.count - view.tying.done} left`
        : toTie > 0
          ? `${toTie} to tie`
          : `${new Set(view.skirts.filter(({ retired }) => !retired).map(({ family }) => family)).size} recipes`,
      tone: view.tying ? 'act' : 'calm',
    },
    {
      key: 'build',
      name: 'Build',
      href: '/build',
      waits: view.building
        ? `building, ${view.building.count - builtOf(view.building)} left`
        : `${new Set(view.builds.filter(({ retired }) => !retired).map(({ family }) => family)).size} builds`,
      tone: view.building ? 'act' : 'calm',
    },
    {
      key: 'rig',
      name: 'Rig',
      href: '/rig',
      waits: view.rigging
        ? `rigging, ${view.rigging.count - builtOf(view.rigging)} left`
        : `${new Set(view.rigs.filter(({ retired }) => !retired).map(({ family }) => family)).size} rigs`,
      tone: view.rigging ? 'act' : 'calm',
    },
    {
      key: 'shelf',
      name: 'Shelf',
      href: '/shelf',
      waits: low > 0 ? `${low} low` : 'stocked',
      tone: low > 0 ? 'mind' : 'calm',
    },
    { key: 'cost', name: 'Cost', href: '/cost', waits: costWaits(view), tone: 'calm' },
    { key: 'water', name: 'Water', href: '/water', waits: waterWaits(view), tone: 'calm' },
  ];
}
