import { demoBench } from '@/demo/demo-bench';
import { headText } from '@/text/words';
import { viewOf } from '../../../tests/support/view-of';
import { headsFor } from '../baits/bait-facts';
import {
  afterCoating,
  afterDressing,
  afterMelt,
  afterBuilding,
  afterPour,
  afterRigging,
  afterTying,
  afterWeighing,
  nextForHeads,
} from './next-steps';

const demo = demoBench(Date.UTC(2026, 10, 23, 12));
const view = viewOf(demo);

describe('where what was booked goes on', () => {
  it('hangs heads that wait for a color, by how many', () => {
    const { headBinId } = view.toCoat[0]!;
    const count = view.toCoat
      .filter((each) => each.headBinId === headBinId)
      .reduce((so, each) => so + each.count, 0);
    expect(nextForHeads(new Set([headBinId]), view)[0]).toEqual({
      says: `Hang ${count} for their color`,
      href: '/coat?part=rack',
    });
  });

  it('offers the baits that such heads go into', () => {
    const build = demo.builds.find(({ name }) => name === 'Weir shaker')!;
    const [head] = headsFor(build, view);
    expect(nextForHeads(new Set([head!.id]), view)).toContainEqual({
      says: 'Build Weir shaker',
      href: `/build?part=board&bait=${build.id}`,
    });
  });

  it('says where heads lie that nothing waits for, and nothing of none', () => {
    const alone = viewOf({ ...demo, builds: [], tickets: [] });
    expect(nextForHeads(new Set(['bin']), alone)).toEqual([
      { says: 'See where they lie', href: '/shelf?bin=bin' },
    ]);
    expect(nextForHeads(new Set(), alone)).toEqual([]);
  });

  it('leads a booked run to its own batch on the dressing bench', () => {
    const open = view.batches.find(({ runId, endedAt }) => runId !== null && endedAt === null)!;
    const run = view.runs.find(({ id }) => id === open.runId)!;
    const steps = (mass: 'g' | 'oz') => afterPour(run, view, mass);
    expect(steps('g')).toContainEqual({
      says: `Dress ${open.count} × ${headText(open, view.binById, 'g')}`,
      href: `/dress?batch=${open.id}`,
    });
    // Written in the unit of who reads it, whatever it was called when it was begun.
    expect(steps('oz').some(({ says }) => / g\b/.test(says))).toBe(false);
  });

  it('leads dressed heads on as any that lie there, and colored ones to what wears that color', () => {
    const batch = view.batches.find(({ headBinId }) => headBinId !== null)!;
    expect(afterDressing(batch, view)).toEqual(nextForHeads(new Set([batch.headBinId!]), view));
    expect(afterDressing({ headBinId: null }, view)).toEqual([]);
    const out = view.racks.filter(({ state }) => state === 'out');
    expect(out.length).toBeGreaterThan(0);
    for (const rack of out) {
      for (const { href } of afterCoating(rack, view)) {
        const at = /^\/shelf\?bin=(.+)$/.exec(href)?.[1];
        const bin = at === undefined ? undefined : view.binById.get(at);
        if (bin?.kind === 'head') expect(rack.hung.map(({ coatId }) => coatId)).toContain(bin.coatId);
      }
    }
    expect(out.some((rack) => afterCoating(rack, view).length > 0)).toBe(true);
    expect(afterCoating({ hung: [] }, view)).toEqual([]);
  });

  it('leads skirts to the bait that wears them, baits and rigs to their cost', () => {
    const build = demo.builds.find(({ skirtId }) => skirtId !== null)!;
    const skirt = view.skirtById.get(build.skirtId!)!;
    const steps = afterTying(skirt, { ticketId: null }, view).map(({ href }) => href);
    expect(steps).toContain(`/build?part=board&bait=${build.id}`);
    expect(steps.at(-1)).toBe(`/cost?piece=skirt:${skirt.family}`);
    const ticket = view.tickets.find(({ state }) => state === 'open')!;
    expect(afterTying(skirt, { ticketId: ticket.id }, view)).toContainEqual({
      says: `To ticket ${ticket.no}, ${ticket.title}`,
      href: '/ticket',
    });
    expect(afterBuilding(build)[0]!.href).toBe(`/cost?piece=build:${build.family}`);
    expect(afterRigging(demo.rigs[0]!)[0]!.href).toBe(`/cost?piece=rig:${demo.rigs[0]!.family}`);
  });

  it('takes fresh heads of a run in hand for the dressing bench, and begins a ticket in a new lot or for a block', () => {
    const run = view.runs.find(({ no }) => no === 13)!;
    const fresh = afterPour(run, { ...view, batches: [] }, 'g').find(({ href }) => href === '/dress')!;
    expect(fresh.takes).toMatchObject({ is: 'cast', cast: { runId: run.id } });
    expect(afterMelt('lot')).toMatchObject([{ href: '/ticket', takes: { line: { metalBinId: 'lot' } } }]);
    const cavity = { style: 'round', nominalG: 7 };
    expect(afterWeighing(cavity, { wants: [] })).toMatchObject([
      { href: '/ticket', takes: { line: cavity } },
    ]);
    expect(afterWeighing(cavity, { wants: view.wants })).toEqual([{ says: 'Plan a run', href: '/pour' }]);
  });
});
